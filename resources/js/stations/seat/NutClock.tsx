import { point } from '../../drawing/polar';
import { ink } from '../../theme/system';

const R = 62;
const FLATS = [0, 60, 120, 180, 240, 300];

/** A sector from 12, clockwise; a whole turn at most. */
const sector = (degrees: number, radius: number): string =>
  degrees >= 359
    ? `M0 ${-radius}A${radius} ${radius} 0 1 1 -0.1 ${-radius}Z`
    : `M0 0L${point(0, radius)}A${radius} ${radius} 0 ${degrees > 180 ? 1 : 0} 1 ${point(degrees, radius)}Z`;

/** The draw nut on a clock face: how far it is turned now, and how far in all. */
export function NutClock({ all, now, text }: { all: number; now: number; text: string }) {
  return (
    <svg
      viewBox="-72 -72 144 164"
      width="100%"
      style={{ maxWidth: 150, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={`Turn the draw nut ${text}`}
    >
      <circle r={R + 6} fill={ink('card')} stroke={ink('line')} strokeWidth={2} />
      <path d={sector(all, R)} fill={ink('brassWash')} />
      <path d={sector(now, R)} fill={ink('blue')} />
      {[0, 90, 180, 270].map((hour) => (
        <path key={hour} d={`M${point(hour, R)}L${point(hour, R + 6)}`} stroke={ink('mute')} strokeWidth={2} />
      ))}
      <polygon
        points={FLATS.map((flat) => point(flat, 30).replace(' ', ',')).join(' ')}
        fill={ink('steel')}
        stroke={ink('edge')}
        strokeWidth={1.5}
      />
      <circle r={15} fill={ink('card')} stroke={ink('edge')} strokeWidth={1.5} />
      <text y={88} textAnchor="middle" fontSize={16} fill={ink('ink')}>
        {text}
      </text>
    </svg>
  );
}
