import { Box } from '@chakra-ui/react';
import type { SoundPicture } from '../../api/types';
import { ink } from '../../theme/system';

const WIDTH = 380;
const HEIGHT = 160;
const FOOT = 30;
const HEAD = 26;
const ORDERS = 12;
/** Logarithm of a line at the top of the picture: about 1100 times its surroundings. */
const TOP = 7;

const PARTS: Record<string, string> = {
  outer_ring: 'outer ring',
  inner_ring: 'inner ring',
  ball: 'ball',
  cage: 'cage',
};

const across = (order: number): number => (order / ORDERS) * WIDTH;
const up = (strength: number): number => HEIGHT - FOOT - (Math.min(strength, TOP) / TOP) * (HEIGHT - FOOT - HEAD);

const line = (orders: number[]): string =>
  orders
    .map(
      (strength, i) =>
        `${i === 0 ? 'M' : 'L'}${across(((i + 0.5) * ORDERS) / orders.length).toFixed(1)} ${up(strength).toFixed(1)}`,
    )
    .join('');

/** How strong each order is, times a turn, with where each part would speak; what it was before as a thin line on the same scale. */
export function OrdersPicture({
  picture,
  before,
  label,
}: {
  picture: SoundPicture;
  before?: SoundPicture;
  label: string;
}) {
  return (
    <Box
      asChild
      w="100%"
      bg="card"
      borderWidth="1px"
      borderColor="line"
      css={{ '& text': { fontSize: '12px', fontFamily: 'heading' } }}
    >
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label}>
        {[...picture.marks]
          .sort((a, b) => a.low - b.low)
          .map((mark, i) => (
            <g key={mark.part}>
              <rect
                x={across(mark.low) - 1}
                width={Math.max(3, across(mark.high - mark.low) + 2)}
                y={HEAD - 3}
                height={HEIGHT - FOOT - HEAD + 3}
                fill={ink('wash')}
              />
              <text
                x={across((mark.low + mark.high) / 2)}
                y={i % 2 === 0 ? 10 : 20}
                textAnchor="middle"
                fill={ink('ink')}
              >
                {PARTS[mark.part] ?? mark.part}
              </text>
            </g>
          ))}
        {before && (
          <path d={line(before.orders)} fill="none" stroke={ink('mute')} strokeWidth="1" strokeDasharray="3 2" />
        )}
        <path d={line(picture.orders)} fill="none" stroke={ink('blue')} strokeWidth="1.5" />
        <path d={`M0 ${HEIGHT - FOOT}H${WIDTH}`} stroke={ink('line')} />
        {Array.from({ length: ORDERS - 1 }, (_, i) => i + 1).map((order) => (
          <text key={order} x={across(order)} y={HEIGHT - FOOT + 13} textAnchor="middle" fill={ink('mute')}>
            {order}
          </text>
        ))}
        <text x={WIDTH / 2} y={HEIGHT - 4} textAnchor="middle" fill={ink('mute')}>
          times a turn
        </text>
      </svg>
    </Box>
  );
}
