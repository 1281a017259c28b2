import type { Outline, Piece } from '../api/types';
import { ink } from '../theme/system';
import { polygon, type Scale } from './scale';

const FILLS: Record<Outline['hatch'], string> = {
  alloy: 'url(#hatch-alloy)',
  ring: 'url(#hatch-ring)',
  steel: 'url(#hatch-steel)',
  shaft: ink('steelPale'),
  ball: ink('card'),
  rubber: ink('seal'),
  felt: ink('felt'),
  bronze: ink('bronze'),
  void: ink('card'),
  line: 'none',
};

const LINES: [string, string, string, number, number][] = [
  ['hatch-alloy', 'alloy', 'mute', 7, 45],
  ['hatch-ring', 'steel', 'edge', 4, -45],
  ['hatch-steel', 'steelPale', 'mute', 5, -45],
];

/** The hatches of cut faces; once in a drawing. */
export const Hatches = () => (
  <defs>
    {LINES.map(([id, ground, line, step, turn]) => (
      <pattern
        key={id}
        id={id}
        width={step}
        height={step}
        patternUnits="userSpaceOnUse"
        patternTransform={`rotate(${turn})`}
      >
        <rect width={step} height={step} fill={ink(ground)} />
        <path d={`M0 0V${step}`} stroke={ink(line)} strokeWidth="0.7" />
      </pattern>
    ))}
  </defs>
);

const corners = (outline: Outline, scale: Scale): [number, number][] => {
  const out: [number, number][] = [];
  for (let i = 0; i + 1 < outline.points.length; i += 2) {
    out.push([scale.x(outline.points[i] as number), scale.y(outline.points[i + 1] as number)]);
  }
  return out;
};

function Face({ outline, scale }: { outline: Outline; scale: Scale }) {
  const points = corners(outline, scale);
  if (outline.round !== null) {
    const [centre] = points;
    return centre ? (
      <circle
        cx={centre[0]}
        cy={centre[1]}
        r={outline.round * scale.perMm}
        fill={FILLS[outline.hatch]}
        stroke={ink('edge')}
        strokeWidth={1.2}
      />
    ) : null;
  }
  return outline.hatch === 'line' ? (
    <polyline points={polygon(points)} fill="none" stroke={ink('edge')} strokeWidth={0.8} />
  ) : (
    <polygon points={polygon(points)} fill={FILLS[outline.hatch]} stroke={ink('edge')} strokeWidth={1.1} />
  );
}

/** One part of the section, at its place and to scale. */
export const PartDrawing = ({ piece, scale }: { piece: Piece; scale: Scale }) => (
  <>
    {piece.outlines.map((outline, i) => (
      // biome-ignore lint/suspicious/noArrayIndexKey: the faces of a part have no name and keep their order
      <Face key={i} outline={outline} scale={scale} />
    ))}
  </>
);

/** Where a part belongs that is not there now: its outlines, dashed. */
export const Ghost = ({ piece, scale }: { piece: Piece; scale: Scale }) => (
  <g fill="none" stroke={ink('mute')} strokeWidth={1} strokeDasharray="4 4" opacity={0.75} pointerEvents="all">
    {piece.outlines.map((outline, i) => {
      const points = corners(outline, scale);
      const [centre] = points;
      // biome-ignore lint/suspicious/noArrayIndexKey: the faces of a part have no name and keep their order
      if (outline.round === null) return <polygon key={i} points={polygon(points)} />;
      // biome-ignore lint/suspicious/noArrayIndexKey: as above
      return centre ? <circle key={i} cx={centre[0]} cy={centre[1]} r={outline.round * scale.perMm} /> : null;
    })}
  </g>
);

/** A small patch of a hatch. Its pattern is that of the drawing on the same page. */
export const Swatch = ({ hatch }: { hatch: Outline['hatch'] }) => (
  <svg width="24" height="14" aria-hidden>
    <rect x="0.5" y="0.5" width="23" height="13" fill={FILLS[hatch]} stroke={ink('edge')} />
  </svg>
);
