import type { Pair, PressSetup, PressTraceResult, Words } from '../../api/types';
import { ink } from '../../theme/system';

const WIDTH = 640;
const HEIGHT = 240;
const LEFT = 58;
const BOTTOM = 30;

/** A round number above a force, for the top of the scale. */
function above(force: number): number {
  const step = 10 ** Math.floor(Math.log10(Math.max(1, force)));
  return Math.ceil(force / step) * step;
}

/** Force against travel: what was reckoned as a band, its place, the stop, the curve, and what was seen on it. */
export function PressPlot({
  setup,
  samples,
  result,
  travel,
  say,
}: {
  setup: PressSetup;
  samples: Pair[];
  result: PressTraceResult | null;
  travel: (mm: number) => string;
  say: (words: Words) => string;
}) {
  const alarm = result?.alarm_n ?? 2 * setup.high_n;
  const seen = samples.reduce((most, [, force]) => Math.max(most, force), 0);
  const top = above(Math.max(alarm * 1.15, Math.min(seen, alarm * 2.5)));
  const far = Math.max(setup.home_mm * 1.12, samples.at(-1)?.[0] ?? 0);
  const x = (mm: number): number => LEFT + (Math.max(0, mm) / far) * (WIDTH - LEFT - 14);
  const y = (force: number): number => HEIGHT - BOTTOM - (Math.min(force, top) / top) * (HEIGHT - BOTTOM - 12);
  const band = (force: number): string => `${x(setup.grip_mm)} ${y(force)}L${x(setup.home_mm)} ${y(force)}`;
  const drawn = samples.filter((_, i) => i % Math.max(1, Math.floor(samples.length / 500)) === 0);
  const bad = result !== null && result.verdict.level === 'stop';
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: WIDTH, display: 'block', fontFamily: 'var(--chakra-fonts-heading)' }}
      role="img"
      aria-label="Force against travel"
    >
      <path
        d={`M${x(0)} ${y(0)}L${band(setup.high_n)}L${x(setup.home_mm)} ${y(setup.low_n)}L${x(setup.grip_mm)} ${y(setup.low_n)}Z`}
        fill={ink('wash')}
      />
      <path
        d={`M${x(setup.home_mm)} ${y(0)}V12`}
        stroke={ink('verdigris')}
        strokeWidth={1.6}
        strokeDasharray="6 4"
        fill="none"
      />
      <text x={x(setup.home_mm) - 6} y={24} textAnchor="end" fontSize={14} fill={ink('verdigris')}>
        its place {travel(setup.home_mm)}
      </text>
      <path
        d={`M${LEFT} ${y(alarm)}H${WIDTH - 14}`}
        stroke={ink('oxide')}
        strokeWidth={1.4}
        strokeDasharray="3 4"
        fill="none"
      />
      <text x={LEFT + 6} y={y(alarm) - 5} fontSize={14} fill={ink('oxide')}>
        stop, whatever happens
      </text>
      {[0, top / 2, top].map((force) => (
        <text key={force} x={LEFT - 6} y={y(force) + 5} textAnchor="end" fontSize={13} fill={ink('mute')}>
          {force >= 1000 ? `${force / 1000} kN` : `${force} N`}
        </text>
      ))}
      <path d={`M${LEFT} 12V${y(0)}H${WIDTH - 14}`} fill="none" stroke={ink('mute')} />
      <text x={WIDTH - 14} y={HEIGHT - 8} textAnchor="end" fontSize={13} fill={ink('mute')}>
        travel {travel(far)}
      </text>
      {drawn.length > 1 && (
        <path
          d={`M${drawn.map(([mm, force]) => `${x(mm).toFixed(1)} ${y(force).toFixed(1)}`).join('L')}`}
          fill="none"
          stroke={ink(bad ? 'oxide' : 'blue')}
          strokeWidth={2.4}
          strokeLinejoin="round"
        />
      )}
      {result?.events.map((event) => {
        const late = x(event.travel_mm) > WIDTH * 0.7;
        return (
          <g key={event.name}>
            <circle
              cx={x(event.travel_mm)}
              cy={y(event.force_n)}
              r={5}
              fill={ink('card')}
              stroke={ink('ink')}
              strokeWidth={2}
            />
            <text
              x={x(event.travel_mm) + (late ? -10 : 10)}
              y={Math.max(40, y(event.force_n) + 18)}
              textAnchor={late ? 'end' : 'start'}
              fontSize={14}
              fontWeight={600}
              fill={ink('ink')}
            >
              {say(event.label)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
