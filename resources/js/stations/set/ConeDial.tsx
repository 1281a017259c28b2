import type { PointerEvent } from 'react';
import { arcPath, point, polar } from '../../drawing/polar';
import { ink } from '../../theme/system';

const R = 130;

interface Props {
  /** Where the mark is held now, degrees clockwise from 12. */
  mark: number;
  /** Where to set it next. */
  set: number | null;
  /** Marks that were tried, as they stood, the last of them last. */
  tried: { mark: number; felt: string }[];
  /** Loosest mark felt tight and tightest felt loose, as locked. */
  tight: number | null;
  loose: number | null;
  middle: string[];
  onMark?: (degrees: number) => void;
}

const TONE: Record<string, 'oxide' | 'brass' | 'verdigris'> = {
  binds: 'oxide',
  gritty: 'oxide',
  none: 'verdigris',
  trace: 'verdigris',
  play: 'brass',
};

/** Degrees within which two numbers on the rim would lie on each other. */
const NEAR = 13;

/** How many rows inward each mark stands, so that those close together are all read. */
function rows(marks: number[]): number[] {
  const placed: number[] = [];
  const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
  for (const [i, mark] of marks.entries()) {
    let row = 0;
    while (placed.some((other, k) => other === row && k < i && apart(marks[k] as number, mark) < NEAR)) row++;
    placed.push(row);
  }
  return placed;
}

/** The adjusting cone on a clock face: what was tried, what is left between too tight and too loose, and the next mark. */
export function ConeDial({ mark, set, tried, tight, loose, middle, onMark }: Props) {
  const tap = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [event.clientX - box.left - box.width / 2, event.clientY - box.top - box.height / 2];
    const degrees = (Math.atan2(x, -y) * 180) / Math.PI;
    onMark?.(Math.round(((degrees + 360) % 360) / 3) * 3);
  };
  const pointer = polar(mark, R - 30);
  const inward = rows(tried.map((one) => one.mark));
  return (
    <svg
      viewBox={`${-R - 26} ${-R - 26} ${2 * R + 52} ${2 * R + 52}`}
      width="100%"
      style={{
        maxWidth: 252,
        display: 'block',
        fontFamily: 'var(--chakra-fonts-heading)',
        fontWeight: 600,
        touchAction: 'none',
      }}
      role="img"
      aria-label={
        set === null
          ? 'The cone on a clock face'
          : `Set the mark at ${Math.round((((set % 360) + 360) % 360) / 6)} minutes`
      }
      onPointerDown={onMark && tap}
      cursor={onMark ? 'pointer' : undefined}
    >
      <circle r={R} fill={ink('card')} stroke={ink('line')} strokeWidth={2} />
      {loose !== null && (
        <path d={arcPath(loose - 100, loose, R - 9)} stroke={ink('brassWash')} strokeWidth={18} fill="none" />
      )}
      {tight !== null && (
        <path d={arcPath(tight, tight + 100, R - 9)} stroke={ink('oxideWash')} strokeWidth={18} fill="none" />
      )}
      {loose !== null && tight !== null && tight > loose && (
        <path d={arcPath(loose, tight, R - 9)} stroke={ink('verdigrisWash')} strokeWidth={18} fill="none" />
      )}
      {Array.from({ length: 60 }, (_, minute) => minute).map((minute) => (
        <path
          key={minute}
          d={`M${point(minute * 6, minute % 5 ? R - 5 : R - 12)}L${point(minute * 6, R)}`}
          stroke={ink('mute')}
          strokeWidth={minute % 5 ? 0.8 : 2}
        />
      ))}
      {[0, 15, 30, 45].map((minute) => {
        const at = polar(minute * 6, R + 15);
        return (
          <text key={minute} x={at.x} y={at.y + 5} textAnchor="middle" fontSize={18} fill={ink('mute')}>
            {minute}
          </text>
        );
      })}
      <circle r={52} fill={ink('steelPale')} stroke={ink('edge')} strokeWidth={1.5} />
      <path
        d={`M${point(mark - 7, 52)}L${pointer.x} ${pointer.y}L${point(mark + 7, 52)}Z`}
        fill={ink('steel')}
        stroke={ink('edge')}
        strokeWidth={1.5}
      />
      {tried.map((one, i) => {
        const at = polar(one.mark, R - 9 - 23 * (inward[i] ?? 0));
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a try is known by its place in the order
          <g key={i} transform={`translate(${at.x} ${at.y})`}>
            <circle r={10.5} fill={ink('card')} stroke={ink(TONE[one.felt] ?? 'brass')} strokeWidth={2.4} />
            <text y={5} textAnchor="middle" fontSize={14} fill={ink('ink')}>
              {i + 1}
            </text>
          </g>
        );
      })}
      {set !== null && (
        <g>
          <path d={`M${point(set, 54)}L${point(set, R + 3)}`} stroke={ink('blue')} strokeWidth={4} />
          <path d={`M${point(set, R - 2)}L${point(set - 5, R + 20)}L${point(set + 5, R + 20)}Z`} fill={ink('blue')} />
        </g>
      )}
      {middle.map((line, i) => (
        <text
          key={line}
          y={(i - (middle.length - 1) / 2) * 23 + 8}
          textAnchor="middle"
          fontSize={22}
          fill={ink(set === null ? 'ink' : 'blue')}
        >
          {line}
        </text>
      ))}
    </svg>
  );
}
