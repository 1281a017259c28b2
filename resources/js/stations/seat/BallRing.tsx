import { arcPath, polar } from '../../drawing/polar';
import { ink } from '../../theme/system';

interface Row {
  circle_mm: number;
  ball_mm: number;
  take: number;
  each_deg: number;
}

const SIZE = 220;

/** The balls of one row as they lie side by side, to scale, and the arc that stays free. */
export function BallRing({ row, found, free }: { row: Row; found: number | null; free: string }) {
  const scale = SIZE / 2 / ((row.circle_mm + row.ball_mm) / 2 + 3);
  const [circle, ball] = [(row.circle_mm / 2) * scale, (row.ball_mm / 2) * scale];
  const shown = found ?? row.take;
  const taken = shown * row.each_deg;
  const gap = 360 - taken;
  return (
    <svg
      viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
      width="100%"
      style={{ maxWidth: SIZE, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={`${shown} balls on their circle, ${free} free; ${row.take} belong there`}
    >
      <circle r={circle + ball + 2} fill={ink('card')} stroke={ink('edge')} strokeWidth={1.5} />
      <circle r={circle - ball - 2} fill={ink('steelPale')} stroke={ink('edge')} strokeWidth={1.5} />
      <circle r={circle} fill="none" stroke={ink('mute')} strokeWidth={0.8} strokeDasharray="7 3 1.5 3" />
      {gap > 0.5 && (
        <path
          d={arcPath(taken - row.each_deg / 2, 360 - row.each_deg / 2, circle)}
          stroke={ink('brass')}
          strokeWidth={5}
          fill="none"
        />
      )}
      {Array.from({ length: shown }, (_, i) => i * row.each_deg).map((at, i) => {
        const { x, y } = polar(at, circle);
        const over = i >= row.take;
        return (
          <circle
            key={at}
            cx={x}
            cy={y}
            r={ball}
            fill={ink(over ? 'oxideWash' : 'steel')}
            stroke={ink(over ? 'oxide' : 'edge')}
            strokeWidth={over ? 2.4 : 1.2}
          />
        );
      })}
      {found !== null && found < row.take && (
        <circle
          cx={polar(taken, circle).x}
          cy={polar(taken, circle).y}
          r={ball}
          fill="none"
          stroke={ink('brass')}
          strokeWidth={2}
          strokeDasharray="4 3"
        />
      )}
      <text y={-2} textAnchor="middle" fontSize={44} fill={ink('ink')}>
        {row.take}
      </text>
      <text y={20} textAnchor="middle" fontSize={14} fill={ink('mute')}>
        {free} free
      </text>
    </svg>
  );
}
