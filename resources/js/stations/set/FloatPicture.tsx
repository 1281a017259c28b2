import { ink } from '../../theme/system';

/** What stands in the room on a plain axle: the wheel, its washers, and the float that is left. */
export function FloatPicture({
  space,
  wheel,
  washers,
  float,
  ok,
  text,
}: {
  space: number;
  wheel: number;
  washers: number;
  float: number;
  ok: boolean;
  text: (mm: number) => string;
}) {
  const scale = 320 / space;
  const [w, h] = [(washers / 2) * scale, wheel * scale];
  const gap = Math.max(3, Math.min(46, Math.abs(float) * 12));
  const from = 30;
  return (
    <svg
      viewBox="0 0 440 130"
      width="100%"
      style={{ maxWidth: 460, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={`Room ${text(space)}, wheel ${text(wheel)}, washers ${text(washers)}, float ${text(float)}`}
    >
      <path d="M0 64H440" stroke={ink('mute')} strokeWidth={0.9} strokeDasharray="12 4 2 4" />
      <rect
        x={from - 12}
        y={26}
        width={12}
        height={76}
        fill={ink('steelPale')}
        stroke={ink('edge')}
        strokeWidth={1.3}
      />
      <rect x={from} y={36} width={w} height={56} fill={ink('brassWash')} stroke={ink('brass')} strokeWidth={1.3} />
      <rect x={from + w} y={20} width={h} height={88} fill={ink('steelPale')} stroke={ink('edge')} strokeWidth={1.3} />
      <rect
        x={from + w + h}
        y={36}
        width={w}
        height={56}
        fill={ink('brassWash')}
        stroke={ink('brass')}
        strokeWidth={1.3}
      />
      <rect
        x={from + 2 * w + h}
        y={44}
        width={gap}
        height={40}
        fill={ink(float < 0 ? 'oxideWash' : ok ? 'verdigrisWash' : 'brassWash')}
      />
      <rect
        x={from + 2 * w + h + gap}
        y={26}
        width={9}
        height={76}
        fill={ink('steel')}
        stroke={ink('edge')}
        strokeWidth={1.3}
      />
      <text x={from + w + h / 2} y={70} textAnchor="middle" fontSize={15} fill={ink('ink')}>
        {text(wheel)}
      </text>
      <text
        x={from + 2 * w + h + gap / 2}
        y={124}
        textAnchor="middle"
        fontSize={17}
        fill={ink(float < 0 ? 'oxide' : ok ? 'verdigris' : 'brass')}
      >
        {text(float)}
      </text>
    </svg>
  );
}
