import { ink } from '../../theme/system';

interface Props {
  /** How far each end stands out now, in mm. */
  left: number;
  right: number;
  /** How far each should. */
  wantLeft: number;
  wantRight: number;
  dropout: number | null;
  text: (mm: number) => string;
}

const NUT = 26;
const SCALE = 8;

/** Both ends of an axle past their lock nuts: as they stand, as they should, and how much a dropout takes. */
export function AxleEndsPicture({ left, right, wantLeft, wantRight, dropout, text }: Props) {
  const end = (x: number, side: 1 | -1, now: number, want: number) => {
    const [out, wanted] = [x + side * now * SCALE, x + side * want * SCALE];
    return (
      <g>
        {dropout !== null && (
          <rect
            x={side > 0 ? x : x - dropout * SCALE}
            y={24}
            width={dropout * SCALE}
            height={92}
            fill={ink('verdigrisWash')}
          />
        )}
        <rect
          x={Math.min(x, out)}
          y={58}
          width={Math.abs(out - x)}
          height={24}
          fill={ink('steel')}
          stroke={ink('edge')}
          strokeWidth={1.3}
        />
        <rect
          x={side > 0 ? x - NUT : x}
          y={44}
          width={NUT}
          height={52}
          fill={ink('steelPale')}
          stroke={ink('edge')}
          strokeWidth={1.3}
        />
        <path d={`M${wanted} 46V94`} stroke={ink('blue')} strokeWidth={2.5} strokeDasharray="6 3" />
        <text x={x + side * 34} y={18} textAnchor="middle" fontSize={16} fill={ink('ink')}>
          {text(now)}
        </text>
        <text x={x + side * 34} y={132} textAnchor="middle" fontSize={14} fill={ink('blue')}>
          {text(want)}
        </text>
      </g>
    );
  };
  return (
    <svg
      viewBox="0 0 420 140"
      width="100%"
      style={{ maxWidth: 440, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={`The axle sticks out ${text(left)} left and ${text(right)} right; it should ${text(wantLeft)} and ${text(wantRight)}`}
    >
      <rect x={120} y={60} width={180} height={20} fill={ink('steel')} stroke={ink('edge')} strokeWidth={1} />
      <path d="M0 70H420" stroke={ink('mute')} strokeWidth={0.9} strokeDasharray="12 4 2 4" />
      {end(110, -1, left, wantLeft)}
      {end(310, 1, right, wantRight)}
    </svg>
  );
}
