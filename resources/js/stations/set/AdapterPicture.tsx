import { ink } from '../../theme/system';

/** A torque wrench with an adapter on its square: what is measured, and out of line by how much. */
export function AdapterPicture({
  length,
  adapter,
  turned,
  text,
}: {
  length: number;
  adapter: number;
  turned: number;
  text: (mm: number) => string;
}) {
  const scale = 250 / Math.max(length + adapter, 1);
  const [square, arm] = [20 + length * scale, adapter * scale];
  const tip = {
    x: square + Math.cos((turned * Math.PI) / 180) * arm,
    y: 60 - Math.sin((turned * Math.PI) / 180) * arm,
  };
  return (
    <svg
      viewBox="0 0 320 110"
      width="100%"
      style={{ maxWidth: 360, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={`Wrench ${text(length)} from grip to square, adapter ${text(adapter)}, ${Math.round(turned)}° out of line`}
    >
      <path d={`M20 60H${square}`} stroke={ink('steel')} strokeWidth={11} strokeLinecap="round" />
      <path d={`M${square} 60L${tip.x} ${tip.y}`} stroke={ink('brass')} strokeWidth={8} strokeLinecap="round" />
      <rect x={square - 7} y={53} width={14} height={14} fill={ink('card')} stroke={ink('edge')} strokeWidth={1.5} />
      <circle cx={tip.x} cy={tip.y} r={9} fill={ink('card')} stroke={ink('edge')} strokeWidth={2} />
      <path d={`M20 84V96M20 90H${square}M${square} 84V96`} stroke={ink('mute')} fill="none" />
      <text x={(20 + square) / 2} y={106} textAnchor="middle" fontSize={14} fill={ink('ink')}>
        L {text(length)}
      </text>
      <text x={(square + tip.x) / 2} y={Math.min(tip.y, 60) - 14} textAnchor="middle" fontSize={14} fill={ink('ink')}>
        E {text(adapter)}
      </text>
    </svg>
  );
}
