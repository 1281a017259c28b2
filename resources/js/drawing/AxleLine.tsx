import type { JobReport, Shape, Tool } from '../api/types';
import { length, type Units } from '../parts/say';
import { ink } from '../theme/system';
import { Ghost, PartDrawing } from './Parts';
import { fit, polygon, type Scale } from './scale';

/** Tilt is drawn this many times too large, and the drawing says so. */
const TILT_DRAWN = 6;
const LEAST_TILT_DEG = 0.02;

interface Props {
  report: JobReport;
  units: Units;
  width: number;
  height: number;
  /** The part the step is about. */
  lit: string | null;
  /** The driver, while a bearing goes in on this side. */
  driver: { tool: Tool; side: 'left' | 'right' } | null;
}

/** Degrees that a bearing is turned in the picture: its upper half leans out when it is proud above the axis. */
function drawnTilt(shape: Shape): number {
  if (!shape.tilt_deg || shape.tilt_deg < LEAST_TILT_DEG || !shape.high_side) return 0;
  const [hour = 0, minute] = shape.high_side.split(':').map(Number);
  const upward = Math.cos(((hour + (minute ? 0.5 : 0)) * Math.PI) / 6);
  return TILT_DRAWN * shape.tilt_deg * upward * (shape.side === 'right' ? 1 : -1);
}

function Dimension({
  from,
  to,
  y,
  text,
  sure,
  scale,
}: {
  from: number;
  to: number;
  y: number;
  text: string;
  sure: boolean;
  scale: Scale;
}) {
  const [a, b] = [scale.x(from), scale.x(to)];
  const ticks = `M${a} ${y - 5}v10M${b} ${y - 5}v10M${a} ${y}H${b}M${a + 6} ${y - 3}L${a} ${y}l6 3M${b - 6} ${y - 3}L${b} ${y}l-6 3`;
  return (
    <g opacity={sure ? 1 : 0.6}>
      <path d={ticks} stroke={ink('ink')} strokeWidth={1} fill="none" />
      <text x={(a + b) / 2} y={y + 14} textAnchor="middle" fontSize={13.5} fill={ink('ink')}>
        {text}
      </text>
    </g>
  );
}

/** The driver, in half-section, its face on the ring. */
function Driver({ tool, shape, scale }: { tool: Tool; shape: Shape; scale: Scale }) {
  const left = shape.side !== 'right';
  const face = left ? shape.from_mm : shape.to_mm;
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
        {tool.name}
      </text>
    </g>
  );
}

/** A hub in half-section along its axle, drawn to scale from the sizes of its parts. The map of a job. */
export function AxleLine({ report, units, width, height, lit, driver }: Props) {
  const { section } = report;
  const axis = height - 44;
  const scale = fit(section, width, axis);
  const housing = polygon(section.housing.map((p): [number, number] => [scale.x(p.along_mm), scale.y(p.radius_mm)]));
  const tilted = section.shapes.some((shape) => drawnTilt(shape) !== 0);
  const guessed = section.spans.some((span) => !span.measured);
  const driven =
    driver && section.shapes.find((s) => s.kind === 'bearing' && s.side === driver.side && s.state !== 'on_tray');
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      height={height}
      role="img"
      aria-label="The hub in half-section, to scale"
      style={{ fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 500 }}
    >
      <defs>
        <pattern id="hub-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="7" height="7" fill={ink('alloy')} />
          <path d="M0 0V7" stroke={ink('mute')} strokeWidth="0.9" />
        </pattern>
        <pattern id="ring-hatch" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width="4" height="4" fill={ink('steel')} />
          <path d="M0 0V4" stroke={ink('edge')} strokeWidth="0.5" />
        </pattern>
        <pattern id="sleeve-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width="6" height="6" fill={ink('steelPale')} />
          <path d="M0 0V6" stroke={ink('mute')} strokeWidth="0.7" />
        </pattern>
      </defs>
      <polygon points={housing} fill="url(#hub-hatch)" stroke={ink('edge')} strokeWidth={1.3} />
      {section.shapes.map((shape) => {
        const away = shape.state === 'on_tray' || shape.state === 'not_there';
        const turn = drawnTilt(shape);
        const pivot = `${scale.x((shape.from_mm + shape.to_mm) / 2)} ${scale.y((shape.inner_mm + shape.outer_mm) / 2)}`;
        return (
          <g
            key={shape.part}
            data-part={shape.part}
            data-state={shape.state}
            transform={turn ? `rotate(${turn} ${pivot})` : undefined}
          >
            <title>{shape.name}</title>
            {away ? <Ghost shape={shape} scale={scale} /> : <PartDrawing shape={shape} scale={scale} />}
            {lit === shape.part && (
              <rect
                x={scale.x(shape.from_mm) - 3}
                y={scale.y(shape.outer_mm) - 3}
                width={(shape.to_mm - shape.from_mm) * scale.perMm + 6}
                height={(shape.outer_mm - shape.inner_mm) * scale.perMm + 6}
                fill="none"
                stroke={ink('blue')}
                strokeWidth={2.4}
                rx={3}
              />
            )}
          </g>
        );
      })}
      {driver && driven && <Driver tool={driver.tool} shape={driven} scale={scale} />}
      <path d={`M10 ${axis}H${width - 10}`} stroke={ink('mute')} strokeWidth={1} strokeDasharray="16 4 3 4" />
      {section.spans
        .filter((span) => span.label !== 'over faces')
        .map((span) => (
          <Dimension
            key={span.label}
            from={span.from_mm}
            to={span.to_mm}
            y={axis + 14}
            text={`${span.label} ${length(span.to_mm - span.from_mm, units)}${span.measured ? '' : ' ?'}`}
            sure={span.measured}
            scale={scale}
          />
        ))}
      {guessed && (
        <text x={width - 14} y={height - 8} fontSize={12.5} textAnchor="end" fill={ink('mute')}>
          ? as such hubs usually are, not measured
        </text>
      )}
      <text x={14} y={20} fontSize={14} fill={ink('mute')}>
        Left
      </text>
      <text x={width - 14} y={20} fontSize={14} textAnchor="end" fill={ink('mute')}>
        Right
      </text>
      <text x={14} y={height - 8} fontSize={12.5} fill={ink('mute')}>
        {`Half-section, to scale.${tilted ? ` Tilt drawn × ${TILT_DRAWN}.` : ''}`}
      </text>
    </svg>
  );
}
