import { ink } from '../../theme/system';

/** Where the jaws stand, in the small drawing of a hub: two places along it and the height at which they meet it. */
const JAWS: Record<string, { from: number; to: number; y: number; inside?: boolean; rod?: boolean }> = {
  axle_end: { from: 6, to: 26, y: 62 },
  spacer: { from: 26, to: 40, y: 52 },
  seal_depth: { from: 40, to: 46, y: 40, rod: true },
  ring_depth: { from: 40, to: 54, y: 34, rod: true },
  over_all: { from: 26, to: 134, y: 56 },
  chain_line: { from: 80, to: 142, y: 30 },
  gap: { from: 134, to: 150, y: 44, inside: true },
};

const HUB = 'M40 8H120V44H104V38H56V44H40z';

/** Where to put the caliper for a reading: the jaws, or the rod, on a small half-section. */
export function CaliperPicture({ of }: { of: string }) {
  const jaws = JAWS[of];
  return (
    <svg viewBox="0 0 160 76" width="132" height="63" role="img" aria-label="Where to measure">
      <path d={HUB} fill={ink('alloy')} stroke={ink('edge')} />
      <path d="M46 44h10v14H46zM104 44h10v14h-10z" fill={ink('steel')} stroke={ink('edge')} />
      <path d="M26 52H40V60H26zM120 52h14v8H120z" fill={ink('steelPale')} stroke={ink('edge')} />
      <path d="M6 60H154V70H6z" fill={ink('steelPale')} stroke={ink('edge')} />
      <path d="M2 70H158" stroke={ink('mute')} strokeDasharray="8 3 2 3" />
      {jaws && !jaws.rod && (
        <g stroke={ink('blue')} strokeWidth="2" fill={ink('blue')}>
          {[jaws.from, jaws.to].map((x, i) => {
            const out = (i === 0) === !jaws.inside ? -1 : 1;
            return <path key={x} d={`M${x} ${jaws.y}V4h${6 * out}v${jaws.y - 10}z`} fillOpacity="0.25" />;
          })}
          <path d={`M${jaws.from} 4H${jaws.to}`} />
        </g>
      )}
      {jaws?.rod && (
        <g stroke={ink('blue')} strokeWidth="2" fill={ink('blue')}>
          <path d={`M40 10V48M34 14h6v30h-6z`} fillOpacity="0.25" />
          <path d={`M4 ${jaws.y}H${jaws.to}`} />
          <circle cx={jaws.to} cy={jaws.y} r="2.4" />
        </g>
      )}
      {of === 'end_play' && (
        <path
          d="M60 24H100M60 24l7-4M60 24l7 4M100 24l-7-4M100 24l-7 4"
          stroke={ink('blue')}
          strokeWidth="2.4"
          fill="none"
        />
      )}
      {of === 'rim_play' && (
        <path d="M80 2V26M80 2l-4 7M80 2l4 7M80 26l-4-7M80 26l4-7" stroke={ink('blue')} strokeWidth="2.4" fill="none" />
      )}
      {of === 'rotation' && (
        <path d="M62 26a18 12 0 0 1 36 0l-5-6M98 26l5-6" stroke={ink('blue')} strokeWidth="2.4" fill="none" />
      )}
      {of === 'photo' && (
        <path
          d="M62 14h8l4-5h12l4 5h8v20H62zM80 18a6 6 0 1 0 .01 0z"
          stroke={ink('blue')}
          strokeWidth="2.2"
          fill="none"
        />
      )}
    </svg>
  );
}
