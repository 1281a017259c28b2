import { ink, LETTERING } from '../theme/system';

export interface BearingSizes {
  bore_mm: number;
  outside_mm: number;
  width_mm: number;
  kind?: string;
  /** 0, 1 or 2; drawn as lips on the faces. */
  seals?: number | null;
}

const WIDTH = 300;
const HEIGHT = 190;
const AXIS = HEIGHT - 22;
const TWO_ROWS = ['double_row', 'double_row_angular', 'self_aligning'];
/** Shares of the section, as the core takes them: ring thickness, and the ball. */
const RING = 0.21;
const BALL = 0.3;

/** A bearing in half-section, to scale, with its three sizes. `text` writes a length in the person's unit. */
export function BearingSection({ of, text }: { of: BearingSizes; text: (mm: number) => string }) {
  const { bore_mm: d, outside_mm: D, width_mm: B, kind = 'deep_groove', seals = 0 } = of;
  const scale = Math.min((AXIS - 26) / (D / 2), 150 / B);
  const y = (radius: number): number => AXIS - radius * scale;
  const left = WIDTH / 2 - (B * scale) / 2;
  const right = left + B * scale;
  const section = D - d;
  const thick = RING * section;
  const outer = { top: y(D / 2), height: (thick / 2) * scale };
  const inner = { top: y(d / 2 + thick / 2), height: (thick / 2) * scale };
  const pitch = y((D + d) / 4);
  const ball = Math.min((BALL * section * scale) / 2, (B * scale) / 2.3);
  const rows = TWO_ROWS.includes(kind) ? [-0.23, 0.23] : [0];
  const rollers = kind === 'taper' || kind === 'cylindrical';
  const lips = [left + 2, right - 2].slice(0, seals ?? 2);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: WIDTH, display: 'block' }}
      role="img"
      aria-label={`Section: bore ${text(d)}, outside ${text(D)}, width ${text(B)}`}
    >
      <defs>
        <pattern id="ring-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill={ink('steelPale')} />
          <path d="M0 0V6" stroke={ink('mute')} strokeWidth="0.9" />
        </pattern>
      </defs>
      <g fill="url(#ring-hatch)" stroke={ink('edge')} strokeWidth="1.2">
        {kind === 'taper' ? (
          <>
            <path
              d={[
                `M${left} ${outer.top}H${right - B * scale * 0.14}`,
                `V${outer.top + outer.height * 0.55}L${left} ${outer.top + outer.height * 1.7}z`,
              ].join('')}
            />
            <path
              d={[
                `M${left + B * scale * 0.08} ${inner.top + inner.height}H${right}`,
                `V${inner.top - inner.height * 0.7}L${left + B * scale * 0.08} ${inner.top + inner.height * 0.5}z`,
              ].join('')}
            />
          </>
        ) : (
          <>
            <rect x={left} y={outer.top} width={B * scale} height={outer.height} rx="2" />
            <rect x={left} y={inner.top} width={B * scale} height={inner.height} rx="2" />
          </>
        )}
      </g>
      <g fill={ink('card')} stroke={ink('edge')} strokeWidth="1.2">
        {rollers ? (
          <rect
            x={WIDTH / 2 - B * scale * 0.28}
            y={pitch - ball * 0.7}
            width={B * scale * 0.56}
            height={ball * 1.4}
            transform={kind === 'taper' ? `rotate(-13 ${WIDTH / 2} ${pitch})` : undefined}
          />
        ) : (
          rows.map((at) => <circle key={at} cx={WIDTH / 2 + at * B * scale} cy={pitch} r={ball} />)
        )}
      </g>
      {lips.map((x) => (
        <path
          key={x}
          d={`M${x} ${outer.top + outer.height}V${inner.top}`}
          stroke={ink('seal')}
          strokeWidth="3.4"
          strokeLinecap="round"
        />
      ))}
      <path d={`M${left - 34} ${AXIS}H${right + 34}`} stroke={ink('mute')} strokeDasharray="12 3 2 3" />
      <Dimension x={left - 18} from={AXIS} to={y(d / 2)} label={`⌀ ${text(d)}`} side="left" />
      <Dimension x={right + 18} from={AXIS} to={outer.top} label={`⌀ ${text(D)}`} side="right" />
      <g stroke={ink('blue')} fill="none">
        <path d={`M${left} ${outer.top - 5}V8M${right} ${outer.top - 5}V8`} strokeWidth="0.8" />
        <path d={`M${left} 14H${right}M${left + 6} 11l-6 3 6 3M${right - 6} 11l6 3-6 3`} strokeWidth="1.2" />
      </g>
      <text x={right + 8} y="18" fill={ink('blue')} fontSize="13.5" style={{ fontFamily: LETTERING }} fontWeight="600">
        {text(B)}
      </text>
    </svg>
  );
}

/** A diameter, drawn from the centre line to its edge. */
function Dimension({
  x,
  from,
  to,
  label,
  side,
}: {
  x: number;
  from: number;
  to: number;
  label: string;
  side: 'left' | 'right';
}) {
  return (
    <g>
      <path d={`M${x} ${from}V${to}M${x - 3} ${to + 6}l3-6 3 6`} stroke={ink('blue')} strokeWidth="1.2" fill="none" />
      <text
        x={side === 'left' ? x - 6 : x + 6}
        y={(from + to) / 2 + 4}
        textAnchor={side === 'left' ? 'end' : 'start'}
        fill={ink('blue')}
        fontSize="13.5"
        style={{ fontFamily: LETTERING }}
        fontWeight="600"
      >
        {label}
      </text>
    </g>
  );
}
