import type { WallPatch } from '../api/types';
import { ink, LETTERING } from '../theme/system';

const HOURS = [12, 2, 4, 6, 8, 10];
const DEPTHS = ['lip', 'middle', 'bottom'] as const;
const CELL = { w: 58, h: 34 };
const LEFT = 58;

/** Hours that a diameter across the clock passes: its own and the one opposite. */
const hour = (clock: string): number => ((Math.round(Number(clock.split(':')[0])) - 1) % 12) + 1;
const touches = (patch: WallPatch, at: number): boolean => {
  const mine = hour(patch.clock);
  return mine === at || ((mine + 5) % 12) + 1 === at;
};

/** The wall unrolled, 12 on the left, lip on top: each patch tinted by how far it departs from the mean, and saying so. */
export function WallStrip({ map, text }: { map: WallPatch[]; text: (mm: number) => string }) {
  const most = Math.max(0.03, ...map.map((patch) => Math.abs(patch.off_mm)));
  const depths = DEPTHS.filter((depth) => map.some((patch) => patch.depth === depth));
  const width = LEFT + HOURS.length * CELL.w + 6;
  const height = 20 + depths.length * CELL.h + 4;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      style={{ maxWidth: width, display: 'block' }}
      role="img"
      aria-label="The wall unrolled: how far each diameter is from the mean"
    >
      {HOURS.map((at, i) => (
        <text
          key={at}
          x={LEFT + (i + 0.5) * CELL.w}
          y="13"
          textAnchor="middle"
          fill={ink('mute')}
          fontSize="12.5"
          style={{ fontFamily: LETTERING }}
        >
          {at}
        </text>
      ))}
      {depths.map((depth, row) => (
        <g key={depth}>
          <text x={LEFT - 8} y={20 + (row + 0.62) * CELL.h} textAnchor="end" fill={ink('mute')} fontSize="12.5">
            {depth}
          </text>
          {HOURS.map((at, i) => {
            const patch = map.find((one) => one.depth === depth && touches(one, at));
            const off = patch?.off_mm ?? 0;
            const strength = patch ? 0.12 + (0.7 * Math.abs(off)) / most : 0;
            return (
              <g key={at}>
                <rect
                  x={LEFT + i * CELL.w}
                  y={20 + row * CELL.h}
                  width={CELL.w - 2}
                  height={CELL.h - 2}
                  fill={ink(off > 0 ? 'brass' : 'blue')}
                  fillOpacity={strength}
                  stroke={ink('line')}
                />
                {patch && (
                  <text
                    x={LEFT + (i + 0.5) * CELL.w - 1}
                    y={20 + (row + 0.62) * CELL.h}
                    textAnchor="middle"
                    fill={ink('ink')}
                    fontSize="12.5"
                    fontWeight="600"
                    style={{ fontFamily: LETTERING }}
                  >
                    {Math.abs(off) < 0.0005 ? '0' : `${off > 0 ? '+' : '−'}${text(Math.abs(off))}`}
                  </text>
                )}
              </g>
            );
          })}
        </g>
      ))}
    </svg>
  );
}
