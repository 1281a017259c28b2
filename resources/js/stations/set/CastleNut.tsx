import { arcPath, point, polar } from '../../drawing/polar';
import { ink } from '../../theme/system';

interface Slot {
  back_deg: number;
  end_play_mm: number;
  in_band: boolean;
}

/** A castle nut from its face: the places where the pin goes through, how far back from zero, and the end play at each. */
export function CastleNut({
  slots,
  reachable,
  chosen,
  text,
}: {
  slots: number;
  reachable: Slot[];
  chosen: number | null;
  text: (mm: number) => string;
}) {
  const near = reachable.filter((one) => one.back_deg < 330);
  return (
    <svg
      viewBox="-165 -140 330 280"
      width="100%"
      style={{ maxWidth: 360, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={
        chosen === null
          ? 'The nut: no slot gives an end play in the band'
          : `The nut: slot ${chosen + 1}, ${text(near[chosen]?.end_play_mm ?? 0)} of end play`
      }
    >
      <circle r={74} fill={ink('steelPale')} stroke={ink('edge')} strokeWidth={1.6} />
      {Array.from({ length: slots }, (_, i) => (i * 360) / slots).map((at) => (
        <rect
          key={at}
          x={-7}
          y={-76}
          width={14}
          height={24}
          fill={ink('card')}
          stroke={ink('edge')}
          strokeWidth={1.2}
          transform={`rotate(${at})`}
        />
      ))}
      <circle r={40} fill={ink('steel')} stroke={ink('edge')} strokeWidth={1.6} />
      <path d="M-44 0H44" stroke={ink('edge')} strokeWidth={7} strokeDasharray="2 3" opacity={0.5} />
      <path d={`M${point(0, 80)}L${point(0, 104)}`} stroke={ink('ink')} strokeWidth={2.5} />
      <text y={-112} textAnchor="middle" fontSize={14} fill={ink('ink')}>
        zero
      </text>
      {near[0] && (
        <path
          d={arcPath(-(near[chosen ?? 0]?.back_deg ?? 0), 0, 92)}
          stroke={ink(chosen === null ? 'brass' : 'verdigris')}
          strokeWidth={4}
          fill="none"
        />
      )}
      {near.map((one, i) => {
        const at = polar(-one.back_deg, 104);
        const tone = one.in_band ? 'verdigris' : 'mute';
        return (
          <g key={one.back_deg}>
            <path
              d={`M${point(-one.back_deg, 80)}L${point(-one.back_deg, 98)}`}
              stroke={ink(tone)}
              strokeWidth={i === chosen ? 5 : 2}
            />
            <text
              x={at.x}
              y={at.y + 5}
              textAnchor={at.x < -20 ? 'end' : at.x > 20 ? 'start' : 'middle'}
              fontSize={i === chosen ? 17 : 14}
              fill={ink(tone)}
            >
              {text(one.end_play_mm)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
