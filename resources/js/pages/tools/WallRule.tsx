import type { ToolCard } from '../../api/types';
import { ink } from '../../theme/system';

const WIDTH = 860;
const ROW = 22;
const TOP = 26;
const NAMES = 120;
/** Outside diameters this far apart leave a gap that is worth seeing, in mm. */
const GAP_MM = 6;
const LEAST_MM = 10;

/** Drivers along a rule of diameters: each from its opening to its outside, so that a gap in the set is seen. */
export function WallRule({ drivers, text }: { drivers: ToolCard[]; text: (mm: number) => string }) {
  const sorted = [...drivers].sort((a, b) => (a.outside_mm ?? 0) - (b.outside_mm ?? 0));
  const most = Math.max(60, ...sorted.map((one) => one.outside_mm ?? 0)) + 14;
  const x = (mm: number): number => NAMES + (mm / most) * (WIDTH - NAMES - 10);
  const height = TOP + sorted.length * ROW + 24;
  const gaps = sorted.flatMap((one, i) => {
    const [from, to] = [i === 0 ? LEAST_MM : (sorted[i - 1]?.outside_mm ?? 0), one.outside_mm ?? 0];
    return to - from > GAP_MM ? [{ from, to }] : [];
  });
  const widest = sorted.at(-1)?.outside_mm ?? 0;
  if (most - widest > GAP_MM) gaps.push({ from: widest, to: most });
  const marks = Array.from({ length: Math.floor(most / 10) + 1 }, (_, i) => i * 10);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      style={{ display: 'block', fontFamily: 'var(--chakra-fonts-heading)' }}
      role="img"
      aria-label={`Drivers by outside diameter. Nothing ${gaps.map((gap) => `from ${text(gap.from)} to ${text(gap.to)}`).join(', ')}`}
    >
      {gaps.map((gap) => (
        <g key={gap.from}>
          <rect
            x={x(gap.from)}
            y={TOP - 4}
            width={x(gap.to) - x(gap.from)}
            height={height - TOP - 16}
            fill={ink('brassWash')}
          />
          {x(gap.to) - x(gap.from) > 70 && (
            <text
              x={(x(gap.from) + x(gap.to)) / 2}
              y={height - 8}
              textAnchor="middle"
              fontSize={13}
              fill={ink('brass')}
            >
              nothing this wide
            </text>
          )}
        </g>
      ))}
      {marks.map((mm) => (
        <g key={mm}>
          <path d={`M${x(mm)} ${TOP - 8}V${height - 20}`} stroke={ink('line')} strokeWidth={1} />
          <text x={x(mm)} y={14} textAnchor="middle" fontSize={13} fill={ink('mute')}>
            {mm}
          </text>
        </g>
      ))}
      {sorted.map((one, i) => {
        const y = TOP + i * ROW;
        const [from, to] = [x(one.opening_mm ?? 0), x(one.outside_mm ?? 0)];
        return (
          <g key={one.id}>
            <text x={NAMES - 10} y={y + 14} textAnchor="end" fontSize={14} fontWeight={600} fill={ink('ink')}>
              {one.name.length > 17 ? `${one.name.slice(0, 16)}…` : one.name}
            </text>
            <rect
              x={from}
              y={y + 3}
              width={Math.max(2, to - from)}
              height={ROW - 8}
              fill={ink('steel')}
              stroke={ink('edge')}
              strokeWidth={1}
            />
            <path d={`M${to} ${y}v${ROW - 3}`} stroke={ink('blue')} strokeWidth={3} />
          </g>
        );
      })}
    </svg>
  );
}
