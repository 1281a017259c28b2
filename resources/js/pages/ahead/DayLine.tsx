import type { BenchBlock } from '../../api/types';
import { ink } from '../../theme/system';

const WIDTH = 920;
const LEFT = 30;
/** Room for the lettering of the last hour. */
const RIGHT = 44;
const ROW = 34;
const TOP = 26;

export const clock = (minutes: number): string =>
  `${String(Math.floor(minutes / 60) % 24).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/** A bench day: a row for each job, hands as full blocks, waits as hatched ones; time from left to right. */
export function DayLine({
  from,
  end,
  rows,
  hands,
  waits,
}: {
  from: number;
  end: number;
  rows: { job: number; name: string }[];
  hands: BenchBlock[];
  waits: BenchBlock[];
}) {
  const first = Math.floor(from / 60) * 60;
  const span = Math.max(60, Math.ceil(Math.max(end, from + 60) / 60) * 60 - first);
  const x = (minutes: number): number => LEFT + ((minutes - first) / span) * (WIDTH - LEFT - RIGHT);
  const height = TOP + rows.length * ROW + 6;
  const every = span > 900 ? 120 : 60;
  const hours = Array.from({ length: Math.floor(span / every) + 1 }, (_, i) => first + i * every);
  const row = (job: number): number => rows.findIndex((one) => one.job === job);
  const said = (one: (typeof hands)[number]): string =>
    `${clock(one.from)} ${rows[row(one.job)]?.name} ${one.station.replace('_', ' ')}`;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      style={{ display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={`The day: ${hands.map(said).join(', ')}`}
    >
      <defs>
        <pattern id="waits" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" stroke={ink('brass')} strokeWidth="2" />
        </pattern>
      </defs>
      {hours.map((minutes) => (
        <g key={minutes}>
          <path d={`M${x(minutes)} ${TOP - 6}V${height}`} stroke={ink('line')} strokeWidth={1} />
          <text x={x(minutes) + 3} y={14} fontSize={13} fill={ink('mute')}>
            {clock(minutes)}
          </text>
        </g>
      ))}
      {rows.map((one, i) => (
        <text key={one.job} x={4} y={TOP + i * ROW + 23} fontSize={17} fill={ink('mute')}>
          {i + 1}
        </text>
      ))}
      {waits.map((one) => (
        <rect
          key={`w${one.job}${one.from}`}
          x={x(one.from)}
          y={TOP + row(one.job) * ROW + 9}
          width={Math.max(2, Math.min(WIDTH - RIGHT, x(one.to)) - x(one.from))}
          height={ROW - 18}
          fill="url(#waits)"
          stroke={ink('brass')}
        />
      ))}
      {hands.map((one) => {
        const wide = x(one.to) - x(one.from);
        const word = one.station.replace('_', ' ');
        return (
          <g key={`h${one.job}${one.from}`}>
            <rect
              x={x(one.from)}
              y={TOP + row(one.job) * ROW + 3}
              width={Math.max(2, wide - 1)}
              height={ROW - 6}
              fill={ink('blue')}
              rx={2}
            />
            {wide > word.length * 7.4 + 8 && (
              <text x={x(one.from) + 6} y={TOP + row(one.job) * ROW + 22} fontSize={14} fill={ink('onBlue')}>
                {word}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
