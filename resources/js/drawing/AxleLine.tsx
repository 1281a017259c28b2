import type { KeyboardEvent } from 'react';
import type { JobReport, Piece, Tool } from '../api/types';
import { ink } from '../theme/system';
import { length, say, type Units } from '../words/say';
import { useArrivals } from './arrivals';
import { apart, Dimension, Gaps, Picked } from './Dimensions';
import { Ghost, Hatches, PartDrawing } from './Parts';
import { fit, type Scale, type View, WHOLE } from './scale';

/** Tilt is drawn this many times too large, and the drawing says so. */
const TILT_DRAWN = 6;
const LEAST_TILT_DEG = 0.02;

interface Props {
  report: JobReport;
  units: Units;
  width: number;
  height: number;
  /** The part the step is about, or that is picked. */
  lit: string | null;
  /** The driver, while this ring goes in. */
  driver?: { tool: Tool; part: string } | null;
  view?: View;
  /** Parts can be picked by touch and by keyboard when it is given. */
  onPick?: (part: string) => void;
}

const AWAY = ['on_tray', 'not_there', 'scrapped'];

/** Degrees that a bearing is turned in the picture: its upper half leans out when it is proud above the axis. */
function drawnTilt(piece: Piece): number {
  if (!piece.tilt_deg || piece.tilt_deg < LEAST_TILT_DEG || !piece.high_side) return 0;
  const [hour = 0, minute] = piece.high_side.split(':').map(Number);
  const upward = Math.cos(((hour + (minute ? 0.5 : 0)) * Math.PI) / 6);
  return TILT_DRAWN * piece.tilt_deg * upward * (piece.side === 'right' ? 1 : -1);
}

/** The driver, in half-section, its face on the ring. */
function Driver({ tool, piece, units, scale }: { tool: Tool; piece: Piece; units: Units; scale: Scale }) {
  const left = piece.side !== 'right';
  const face = left ? piece.from_mm : piece.to_mm;
  const reach = 20;
  const from = left ? face - reach : face;
  const x = scale.x(from);
  const top = scale.y(tool.outside_mm / 2);
  return (
    <g>
      <rect
        x={x}
        y={top}
        width={reach * scale.perMm}
        height={((tool.outside_mm - (tool.opening_mm ?? 0)) / 2) * scale.perMm}
        fill={ink('wash')}
        stroke={ink('blue')}
        strokeWidth={1.6}
      />
      <text
        x={left ? x - 8 : x + reach * scale.perMm + 8}
        y={top + 15}
        textAnchor={left ? 'end' : 'start'}
        fontSize={15}
        fontWeight={600}
        fill={ink('blue')}
      >
        {say(tool.name, units)}
      </text>
    </g>
  );
}

/** Less wide than this, dimensions and the notes in the corners would lie on each other. */
const NARROW = 1100;

/** A hub in half-section along its axle, drawn to scale from the sizes of its parts. The map of a job. */
export function AxleLine({ report, units, width, height, lit, driver = null, view = WHOLE, onPick }: Props) {
  const { section } = report;
  const arrived = useArrivals(section.pieces);
  // Where it is narrow, what is said of the drawing has a line of its own below the dimensions.
  const axis = height - (width < NARROW ? 60 : 44);
  const scale = fit(section, width, axis, view);
  const tilted = section.pieces.some((piece) => drawnTilt(piece) !== 0);
  const guessed = section.spans.some((span) => !span.measured);
  const driven = driver && section.pieces.find((p) => p.part === driver.part && !AWAY.includes(p.state));
  const picked = onPick ? section.pieces.find((p) => p.part === lit) : undefined;
  const line = section.pieces.map((piece) => piece.part);
  const spans = section.spans
    .filter((span) => span.of !== 'over_faces')
    .map((span) => ({
      ...span,
      middle: scale.x((span.from_mm + span.to_mm) / 2),
      text: `${say(span.label, units)} ${length(span.to_mm - span.from_mm, units)}${span.measured ? '' : ' ?'}`,
    }));
  const middles = apart(spans, width);
  const step = (event: KeyboardEvent, from: string) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (event.key === 'Enter' || event.key === ' ') onPick?.(from);
    else if (by) {
      const next = line[line.indexOf(from) + by];
      if (next) {
        onPick?.(next);
        event.currentTarget.parentElement?.querySelector<SVGElement>(`[data-part="${next}"]`)?.focus();
      }
    } else return;
    event.preventDefault();
  };
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      height={height}
      role={onPick ? 'group' : 'img'}
      aria-label="The hub in half-section, to scale"
      style={{ fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 500, touchAction: 'pan-y' }}
    >
      <Hatches />
      {section.pieces.map((piece, i) => {
        const turn = drawnTilt(piece);
        const pivot = `${scale.x((piece.from_mm + piece.to_mm) / 2)} ${scale.y((piece.inner_mm + piece.outer_mm) / 2)}`;
        const active = lit === piece.part;
        return (
          <g
            key={piece.part}
            data-part={piece.part}
            data-state={piece.state}
            transform={turn ? `rotate(${turn} ${pivot})` : undefined}
            {...(onPick && {
              role: 'button',
              tabIndex: active || (!picked && i === 0) ? 0 : -1,
              'aria-pressed': active,
              'aria-label': say(piece.name, units),
              onClick: () => onPick(piece.part),
              onKeyDown: (event: KeyboardEvent) => step(event, piece.part),
              style: { cursor: 'pointer', outline: 'none' },
            })}
          >
            <title>{say(piece.name, units)}</title>
            {AWAY.includes(piece.state) ? (
              <Ghost piece={piece} scale={scale} />
            ) : (
              <g className={arrived.has(piece.part) ? 'arrives' : undefined}>
                <PartDrawing piece={piece} scale={scale} />
              </g>
            )}
            {active && (
              <rect
                x={scale.x(piece.from_mm) - 3}
                y={scale.y(piece.outer_mm) - 3}
                width={(piece.to_mm - piece.from_mm) * scale.perMm + 6}
                height={(piece.outer_mm - piece.inner_mm) * scale.perMm + 6}
                fill="none"
                stroke={ink('blue')}
                strokeWidth={2.4}
                rx={3}
              />
            )}
          </g>
        );
      })}
      {driver && driven && <Driver tool={driver.tool} piece={driven} units={units} scale={scale} />}
      <path d={`M10 ${axis}H${width - 10}`} stroke={ink('mute')} strokeWidth={1} strokeDasharray="16 4 3 4" />
      {picked && <Gaps piece={picked} section={section} units={units} scale={scale} />}
      {picked ? (
        <Picked
          piece={picked}
          sizes={report.hub.parts.find((one) => one.part === picked.part)?.sizes ?? []}
          units={units}
          y={axis + 14}
          width={width}
          scale={scale}
        />
      ) : (
        spans.map((span, i) => (
          <Dimension
            key={span.of}
            from={span.from_mm}
            to={span.to_mm}
            y={axis + 14}
            text={span.text}
            sure={span.measured}
            scale={scale}
            middle={middles[i]}
          />
        ))
      )}
      {section.note && (
        <text x={width - 14} y={height - 8} fontSize={12.5} textAnchor="end" fill={ink('brass')}>
          {say(section.note, units)}
        </text>
      )}
      {guessed && !picked && !section.note && (
        <text x={width - 14} y={height - 8} fontSize={12.5} textAnchor="end" fill={ink('mute')}>
          ? as such hubs usually are, not measured
        </text>
      )}
      <text x={14} y={20} fontSize={14} fill={ink('mute')}>
        {say(section.left, units)}
      </text>
      <text x={width - 14} y={20} fontSize={14} textAnchor="end" fill={ink('mute')}>
        {say(section.right, units)}
      </text>
      {!picked && (
        <text x={14} y={height - 8} fontSize={12.5} fill={ink('mute')}>
          {`Half-section, to scale.${tilted ? ` Tilt drawn × ${TILT_DRAWN}.` : ''}`}
        </text>
      )}
    </svg>
  );
}
