import type { DriverChoice, Piece, Tool } from '../../api/types';
import { ink } from '../../theme/system';

const WIDTH = 240;
const HEIGHT = 150;
const AXIS = HEIGHT - 6;

/** A driver on the face of a ring in half-section: what it stands on, and what it clears. Radii to scale. */
export function DriverSection({
  bearing,
  zones,
  tool,
  name,
  text,
}: {
  bearing: Piece;
  zones: DriverChoice;
  tool: Tool | null;
  /** What the tool is called. */
  name: string;
  text: (mm: number) => string;
}) {
  const outside = bearing.outer_mm * 2;
  const perMm = (AXIS - 26) / (outside / 2);
  const y = (diameter: number): number => AXIS - (diameter / 2) * perMm;
  const face = WIDTH * 0.56;
  const deep = WIDTH - 20 - face;
  const bar = (from: number, to: number, fill: string, x: number, width: number) => (
    <rect
      x={x}
      y={y(to)}
      width={width}
      height={Math.max(0.5, y(from) - y(to))}
      fill={fill}
      stroke={ink('edge')}
      strokeWidth={1}
    />
  );
  const gap = tool ? (outside - tool.outside_mm) / 2 : 0;
  const inner = tool?.opening_mm ? (tool.opening_mm - zones.inner_zone_outside_mm) / 2 : null;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: WIDTH, display: 'block', fontFamily: 'var(--chakra-fonts-heading)' }}
      role="img"
      aria-label={tool ? `${name} on the ring, in section` : 'The ring in section'}
    >
      <rect x={20} y={4} width={WIDTH - 40} height={y(outside) - 4} fill="url(#section-hatch)" stroke={ink('edge')} />
      <defs>
        <pattern id="section-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="7" height="7" fill={ink('alloy')} />
          <path d="M0 0V7" stroke={ink('mute')} strokeWidth="0.8" />
        </pattern>
      </defs>
      {bar(zones.outer_zone_inside_mm, outside, ink('steel'), face, deep)}
      {zones.inner_zone_outside_mm > 0 &&
        bar(bearing.inner_mm * 2, zones.inner_zone_outside_mm, ink('steel'), face, deep)}
      {zones.inner_zone_outside_mm > 0 &&
        bar(zones.inner_zone_outside_mm, zones.outer_zone_inside_mm, ink('seal'), face + 4, deep - 8)}
      {tool && (
        <>
          <rect
            x={24}
            y={y(tool.outside_mm)}
            width={face - 24}
            height={Math.max(1, y(tool.opening_mm ?? 0) - y(tool.outside_mm))}
            fill={ink('blue')}
            fillOpacity={0.28}
            stroke={ink('blue')}
            strokeWidth={1.6}
          />
          <text x={28} y={y(outside) - 6} fontSize={12.5} fill={ink('ink')}>
            {gap >= 0 ? `${text(gap)} to the bore` : `${text(-gap)} over the bore`}
          </text>
          {inner !== null && zones.inner_zone_outside_mm > 0 && (
            <text x={28} y={y(tool.opening_mm ?? 0) + 15} fontSize={12.5} fill={ink(inner >= 0 ? 'ink' : 'oxide')}>
              {inner >= 0 ? `${text(inner)} clear` : `${text(-inner)} over the inner ring`}
            </text>
          )}
        </>
      )}
      <path d={`M8 ${AXIS}H${WIDTH - 8}`} stroke={ink('mute')} strokeWidth={1} strokeDasharray="14 4 3 4" />
    </svg>
  );
}
