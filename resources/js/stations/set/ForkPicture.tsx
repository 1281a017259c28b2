import { ink } from '../../theme/system';

/** Fork, hub and rim from the front: the rim in the middle, or how far it stands off; the spacers with their lengths. */
export function ForkPicture({
  offset,
  left,
  right,
  text,
}: {
  /** How far the rim stands to the right of the middle, in mm; drawn larger. */
  offset: number;
  left: number;
  right: number;
  text: (mm: number) => string;
}) {
  const lean = Math.max(-26, Math.min(26, offset * 4));
  const wide = (mm: number): number => Math.max(6, Math.min(34, mm * 1.2));
  const [l, r] = [wide(left), wide(right)];
  return (
    <svg
      viewBox="0 0 340 210"
      width="100%"
      style={{ maxWidth: 360, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={`Left spacer ${text(left)}, right spacer ${text(right)}`}
    >
      <path d="M170 4V206" stroke={ink('mute')} strokeWidth={1} strokeDasharray="12 4 2 4" />
      {[60, 262].map((x) => (
        <rect
          key={x}
          x={x}
          y={20}
          width={18}
          height={176}
          fill={ink('steelPale')}
          stroke={ink('edge')}
          strokeWidth={1.4}
        />
      ))}
      <rect x={66} y={20} width={208} height={14} fill={ink('steelPale')} stroke={ink('edge')} strokeWidth={1.4} />
      <rect x={40} y={168} width={260} height={10} fill={ink('steel')} stroke={ink('edge')} strokeWidth={1.2} />
      <rect
        x={78 + l}
        y={154}
        width={184 - l - r}
        height={38}
        fill={ink('steelPale')}
        stroke={ink('edge')}
        strokeWidth={1.4}
      />
      <rect x={78} y={160} width={l} height={26} fill={ink('brassWash')} stroke={ink('brass')} strokeWidth={1.6} />
      <rect x={262 - r} y={160} width={r} height={26} fill={ink('brassWash')} stroke={ink('brass')} strokeWidth={1.6} />
      <path d={`M${170 + lean} 154V64`} stroke={ink('edge')} strokeWidth={1.2} />
      <rect
        x={152 + lean}
        y={46}
        width={36}
        height={22}
        rx={5}
        fill={ink(offset === 0 ? 'verdigrisWash' : 'brassWash')}
        stroke={ink('edge')}
        strokeWidth={1.4}
      />
      <text x={84} y={148} fontSize={15} fill={ink('ink')}>
        {text(left)}
      </text>
      <text x={256} y={148} textAnchor="end" fontSize={15} fill={ink('ink')}>
        {text(right)}
      </text>
      {offset !== 0 && (
        <text x={170} y={90} textAnchor="middle" fontSize={14} fill={ink('brass')}>
          {`${text(Math.abs(offset))} to the ${offset > 0 ? 'right' : 'left'}`}
        </text>
      )}
    </svg>
  );
}
