import { ink } from '../../theme/system';
import type { Geometry, Mark } from './geometry';

const edge = { stroke: ink('edge'), strokeWidth: 1 };

/** One bearing in half-section, by its left face, its width and the heights of its walls. */
function Bearing({ x, width }: { x: number; width: number }) {
  return (
    <g {...edge}>
      <path d={`M${x} 62h${width}v16h-${width}z`} fill={ink('steel')} />
      <path d={`M${x} 114h${width}v16h-${width}z`} fill={ink('steel')} />
      <circle cx={x + width / 2} cy={96} r={Math.min(17, width / 2 - 3)} fill={ink('steelPale')} />
    </g>
  );
}

const Centre = ({ y }: { y: number }) => (
  <path d={`M6 ${y}H414`} stroke={ink('mute')} strokeDasharray="12 4 3 4" strokeWidth="1" />
);

const VIEWS = {
  /** A ring on its shoulder, on a hollow shaft, behind the groove of a snap ring. */
  seat: (
    <>
      <path d="M120 22H300V92H214V62H148V54H140V62H120z" fill={ink('alloy')} {...edge} />
      <path d="M56 130H364V156H56z" fill={ink('steelPale')} {...edge} />
      <Bearing x={158} width={56} />
      <Centre y={170} />
    </>
  ),
  /** Two bearings with the spacer tube between them, on an axle. */
  pair: (
    <>
      <path d="M60 24H360V62H290V82H130V62H60z" fill={ink('alloy')} {...edge} />
      <path d="M16 130H404V150H16z" fill={ink('steelPale')} {...edge} />
      <path d="M130 118H290V130H130z" fill={ink('steel')} {...edge} />
      <Bearing x={84} width={46} />
      <Bearing x={290} width={46} />
      <Centre y={170} />
    </>
  ),
  /** A wheel between the legs of its fork, seen from the front. */
  fork: (
    <>
      <path d="M196 6H224V32H196z" fill={ink('alloy')} {...edge} />
      <path d="M204 32L150 84M216 32L270 84" stroke={ink('mute')} strokeWidth="1" />
      <path d="M120 76H300V124H120z" fill={ink('alloy')} {...edge} />
      <path d="M90 88H120V112H90zM300 88H330V112H300z" fill={ink('steelPale')} {...edge} />
      <path d="M70 6H90V150H70zM330 6H350V150H330z" fill={ink('steel')} {...edge} />
      <path d="M40 96H70V104H40zM350 96H380V104H350z" fill={ink('steelPale')} {...edge} />
      <path d="M210 2V130" stroke={ink('mute')} strokeDasharray="8 4 2 4" />
      <Centre y={100} />
    </>
  ),
  /** A torque wrench, its square in an adapter that stands on the bolt. */
  wrench: (
    <>
      <path d="M40 88H120V94H290V106H120V112H40z" fill={ink('steelPale')} {...edge} />
      <path d="M284 84H386V116H284z" fill={ink('steel')} {...edge} />
      <path d="M293 93H307V107H293z" fill={ink('card')} {...edge} />
      <path d="M384 100L378 110.4H366L360 100L366 89.6H378z" fill={ink('card')} {...edge} />
      <path d="M80 60V84M80 60l-5 9M80 60l5 9" stroke={ink('mute')} strokeWidth="1.4" fill="none" />
    </>
  ),
};

const ARROW = 5;

/** A dimension with its number: a line with arrows, and thin lines to what it reaches. */
function Dimension({ mark, number, lit }: { mark: Mark; number: number; lit: boolean }) {
  const [from, to] = [Math.min(mark.from, mark.to), Math.max(mark.from, mark.to)];
  const middle = (from + to) / 2;
  const narrow = to - from < 26;
  const arrows = narrow
    ? `M${from - 9} 0H${from}l-${ARROW}-3m${ARROW} 3l-${ARROW} 3M${to + 9} 0H${to}l${ARROW}-3m-${ARROW} 3l${ARROW} 3`
    : `M${from} 0H${to}M${from} 0l${ARROW}-3M${from} 0l${ARROW} 3M${to} 0l-${ARROW}-3M${to} 0l-${ARROW} 3`;
  const [cx, cy] = mark.across
    ? [mark.at, narrow ? (from < 24 ? to + 19 : from - 19) : middle]
    : [narrow ? (mark.to > 210 ? to + 17 : from - 17) : middle, mark.at];
  return (
    <g stroke={ink('blue')} strokeWidth={lit ? 2.4 : 1.2} fill="none">
      <g transform={mark.across ? `translate(${mark.at} 0) matrix(0 1 1 0 0 0)` : `translate(0 ${mark.at})`}>
        <path d={arrows} />
      </g>
      <path
        d={
          mark.across
            ? `M${mark.at} ${to === mark.from ? from : to}H${mark.reach}`
            : `M${from} ${mark.at}V${mark.reach}M${to} ${mark.at}V${mark.reach}`
        }
        strokeWidth="0.6"
        opacity="0.7"
      />
      <circle cx={cx} cy={cy} r="8" fill={lit ? ink('blue') : ink('card')} strokeWidth="1.2" />
      <text
        x={cx}
        y={cy + 3.8}
        textAnchor="middle"
        fontSize="11"
        fontWeight="600"
        stroke="none"
        fill={lit ? ink('card') : ink('blue')}
      >
        {number}
      </text>
    </g>
  );
}

interface Props {
  geometry: Geometry;
  /** Names of its fields that stand on it, in the order of their numbers. */
  fields: string[];
  lit: string | null;
}

/** What a calculator is about, with each of its lengths where the caliper goes. */
export function GeometryPicture({ geometry, fields, lit }: Props) {
  return (
    <svg viewBox="0 0 420 200" width="100%" style={{ maxWidth: 560 }} role="img" aria-label="Where each size is taken">
      {VIEWS[geometry.view]}
      {fields.map((name, i) => {
        const mark = geometry.marks[name];
        return mark && <Dimension key={name} mark={mark} number={i + 1} lit={lit === name} />;
      })}
    </svg>
  );
}
