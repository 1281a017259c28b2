import type { DriverChoice, Piece, Tool } from '../../api/types';
import { ink } from '../../theme/system';

const SIZE = 240;

/** Plan view of a driver standing on the bearing: which ring it touches, and what it clears. */
export function DriverPlan({
  bearing,
  zones,
  tool,
  name,
}: {
  bearing: Piece;
  zones: DriverChoice;
  tool: Tool | null;
  /** What the tool is called. */
  name: string;
}) {
  const outside = bearing.outer_mm * 2;
  const scale = (SIZE - 16) / (outside * 1.06) / 2;
  const r = (mm: number): number => mm * scale;
  const ring = (from: number, to: number) => ({ r: r((from + to) / 2), strokeWidth: r(to - from), fill: 'none' });
  return (
    <svg
      viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
      width="100%"
      style={{ maxWidth: SIZE, display: 'block' }}
      role="img"
      aria-label={tool ? `${name} on the face of the bearing` : 'The face of the bearing'}
    >
      <circle r={SIZE / 2 - 2} fill="url(#plan-hatch)" />
      <defs>
        <pattern id="plan-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="7" height="7" fill={ink('alloy')} />
          <path d="M0 0V7" stroke={ink('mute')} strokeWidth="0.8" />
        </pattern>
      </defs>
      <circle r={r(outside)} fill={ink('seal')} stroke={ink('edge')} />
      <circle {...ring(zones.outer_zone_inside_mm, outside)} stroke={ink('steel')} />
      <circle {...ring(bearing.inner_mm * 2, zones.inner_zone_outside_mm)} stroke={ink('steel')} />
      <circle r={r(bearing.inner_mm * 2)} fill={ink('card')} stroke={ink('edge')} />
      {tool && (
        <>
          <circle {...ring(tool.opening_mm ?? 0, tool.outside_mm)} stroke={ink('blue')} opacity={0.45} />
          <circle r={r(tool.outside_mm)} fill="none" stroke={ink('blue')} strokeWidth={2} />
          {tool.opening_mm !== null && (
            <circle r={r(tool.opening_mm)} fill="none" stroke={ink('blue')} strokeWidth={2} />
          )}
        </>
      )}
    </svg>
  );
}
