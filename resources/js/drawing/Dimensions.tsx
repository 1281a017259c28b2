import type { HubPart, Piece, Section } from '../api/types';
import { ink } from '../theme/system';
import { length, say, type Units } from '../words/say';
import type { Scale } from './scale';

/** Sizes of a part that are measured across the axle. */
const ACROSS = ['outside', 'bore', 'diameter', 'ball'];

/** About the width of a letter of a dimension. */
const LETTER = 6.6;

/** The middle of a text, moved so that none of it leaves the drawing. */
function inside(middle: number, text: string, within?: number): number {
  const half = (text.length * LETTER) / 2 + 8;
  return within === undefined || within < 2 * half ? middle : Math.min(within - half, Math.max(half, middle));
}

/** More rounds than texts in one line ever need to come apart. */
const ROUNDS = 40;

/** Middles of texts that stand in one line, moved apart where they would lie on each other, and kept inside the drawing. */
export function apart(texts: { middle: number; text: string }[], width: number): number[] {
  const half = (text: string): number => (text.length * LETTER) / 2 + 6;
  const order = texts.map((one, i) => ({ ...one, i })).sort((a, b) => a.middle - b.middle);
  const keptIn = (): void => {
    for (const one of order) one.middle = Math.min(width - half(one.text), Math.max(half(one.text), one.middle));
  };
  keptIn();
  for (let round = 0; round < ROUNDS; round++) {
    for (const [i, one] of order.entries()) {
      const before = order[i - 1];
      const over = before ? before.middle + half(before.text) - (one.middle - half(one.text)) : 0;
      if (before && over > 0.1) {
        before.middle -= over / 2;
        one.middle += over / 2;
      }
    }
    keptIn();
  }
  return texts.map((_, i) => order.find((one) => one.i === i)?.middle ?? 0);
}

/** A dimension line along the axle, with its text; paler where nobody measured it. */
export function Dimension({
  from,
  to,
  y,
  text,
  sure,
  scale,
  within,
  middle,
}: {
  from: number;
  to: number;
  y: number;
  text: string;
  sure: boolean;
  scale: Scale;
  /** Width of the drawing, when the text must be kept inside it. */
  within?: number;
  /** Where the middle of its text stands, when that is not the middle of the line. */
  middle?: number;
}) {
  const [a, b] = [scale.x(from), scale.x(to)];
  const ticks = `M${a} ${y - 5}v10M${b} ${y - 5}v10M${a} ${y}H${b}M${a + 6} ${y - 3}L${a} ${y}l6 3M${b - 6} ${y - 3}L${b} ${y}l-6 3`;
  return (
    <g opacity={sure ? 1 : 0.6}>
      <path d={ticks} stroke={ink('ink')} strokeWidth={1} fill="none" />
      <text
        x={middle ?? inside((a + b) / 2, text, within)}
        y={y + 17}
        textAnchor="middle"
        fontSize={13.5}
        fill={ink('ink')}
      >
        {text}
      </text>
    </g>
  );
}

/** What a picked part measures: along the axle, and across. */
export function Picked({
  piece,
  sizes,
  units,
  y,
  width,
  scale,
}: {
  piece: Piece;
  sizes: HubPart['sizes'];
  units: Units;
  y: number;
  width: number;
  scale: Scale;
}) {
  const across = sizes
    .filter((one) => ACROSS.includes(one.size))
    .map((one) => `${say(one.label, units)} ⌀ ${length(one.length_mm, units)}`);
  return (
    <>
      <Dimension
        from={piece.from_mm}
        to={piece.to_mm}
        y={y}
        text={`${say(piece.name, units)}: ${length(piece.to_mm - piece.from_mm, units)} along${across.map((one) => `, ${one}`).join('')}`}
        sure
        scale={scale}
        within={width}
      />
      {[piece.from_mm, piece.to_mm].map((mm) => (
        <path
          key={mm}
          d={`M${scale.x(mm)} ${scale.y(piece.inner_mm)}V${y}`}
          stroke={ink('blue')}
          strokeWidth={0.7}
          strokeDasharray="2 3"
        />
      ))}
    </>
  );
}

/** Room between the picked part and its neighbours. */
export function Gaps({ piece, section, units, scale }: { piece: Piece; section: Section; units: Units; scale: Scale }) {
  const near = section.gaps.filter((gap) => touches(gap.from_mm, piece.to_mm) || touches(gap.to_mm, piece.from_mm));
  const y = scale.y(piece.outer_mm) - 9;
  return near.map((gap) => {
    const [a, b] = [scale.x(gap.from_mm), scale.x(gap.to_mm)];
    const before = touches(gap.to_mm, piece.from_mm);
    return (
      <g key={gap.from_mm}>
        <path d={`M${a} ${y - 4}v8M${b} ${y - 4}v8M${a} ${y}H${b}`} stroke={ink('brass')} strokeWidth={1.2} />
        <text
          x={before ? a - 4 : b + 4}
          y={y + 4}
          textAnchor={before ? 'end' : 'start'}
          fontSize={12.5}
          fill={ink('brass')}
        >
          {length(gap.to_mm - gap.from_mm, units)}
        </text>
      </g>
    );
  });
}

const touches = (a: number, b: number): boolean => Math.abs(a - b) < 0.01;
