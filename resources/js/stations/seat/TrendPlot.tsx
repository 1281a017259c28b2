import type { SeatingTrend } from '../../api/types';
import { ink } from '../../theme/system';

const WIDTH = 420;
const HEIGHT = 132;
const LEFT = 44;
const BOTTOM = 26;

/** Tilt against depth, round by round, with the two limits it is judged by. */
export function TrendPlot({ trend, depth }: { trend: SeatingTrend; depth: (mm: number) => string }) {
  const points = trend.points;
  const top = Math.max(trend.drive_out_above_deg * 1.15, ...points.map((one) => one.angle_deg * 1.1));
  const depths = points.map((one) => one.depth_mm);
  const [from, to] = [Math.min(...depths) - 0.3, Math.max(...depths) + 0.3];
  const x = (mm: number): number => LEFT + ((mm - from) / (to - from)) * (WIDTH - LEFT - 12);
  const y = (degrees: number): number => HEIGHT - BOTTOM - (degrees / top) * (HEIGHT - BOTTOM - 8);
  const tone = { go: 'verdigris', care: 'brass', stop: 'oxide' } as const;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: WIDTH, display: 'block', fontFamily: 'var(--chakra-fonts-heading)' }}
      role="img"
      aria-label={`Tilt round by round: ${points.map((one) => `${one.angle_deg.toFixed(2)}°`).join(', ')}`}
    >
      <rect
        x={LEFT}
        y={y(trend.go_on_below_deg)}
        width={WIDTH - LEFT - 12}
        height={y(0) - y(trend.go_on_below_deg)}
        fill={ink('verdigrisWash')}
      />
      <rect
        x={LEFT}
        y={y(top)}
        width={WIDTH - LEFT - 12}
        height={y(trend.drive_out_above_deg) - y(top)}
        fill={ink('oxideWash')}
      />
      {[0, trend.go_on_below_deg, trend.drive_out_above_deg].map((degrees) => (
        <text
          key={degrees}
          x={LEFT - 6}
          y={y(degrees) + 4}
          textAnchor="end"
          fontSize={13}
          fill={ink('mute')}
        >{`${degrees}°`}</text>
      ))}
      <path d={`M${LEFT} ${y(top)}V${y(0)}H${WIDTH - 12}`} fill="none" stroke={ink('mute')} />
      <path
        d={`M${points.map((one) => `${x(one.depth_mm)} ${y(one.angle_deg)}`).join('L')}`}
        fill="none"
        stroke={ink('blue')}
        strokeWidth={2}
      />
      {points.map((one, i) => (
        <g key={`${one.depth_mm}-${one.angle_deg}`}>
          <circle cx={x(one.depth_mm)} cy={y(one.angle_deg)} r={6} fill={ink(tone[one.level])} />
          <text
            x={x(one.depth_mm)}
            y={HEIGHT - 8}
            textAnchor={i === 0 ? 'start' : i === points.length - 1 ? 'end' : 'middle'}
            fontSize={13}
            fill={ink('mute')}
          >
            {depth(one.depth_mm)}
          </text>
        </g>
      ))}
    </svg>
  );
}
