import type { Section } from '../api/types';
import { ink } from '../theme/system';
import { Hatches, PartDrawing } from './Parts';
import { fit } from './scale';

/** Room under the centre line. */
const BELOW = 8;

/** A kind of hub at a glance: its half-section with nothing written in it, its axle cut where the hub ends. */
export function HubPicture({ section, width, height }: { section: Section; width: number; height: number }) {
  const axis = height - BELOW;
  const hub = section.pieces.filter((piece) => piece.kind !== 'axle');
  const scale = fit(
    {
      ...section,
      from_mm: Math.min(...hub.map((piece) => piece.from_mm)),
      to_mm: Math.max(...hub.map((piece) => piece.to_mm)),
    },
    width,
    axis,
  );
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      style={{ maxWidth: '100%' }}
      aria-hidden="true"
    >
      <Hatches />
      {section.pieces.map((piece) => (
        <PartDrawing key={piece.part} piece={piece} scale={scale} />
      ))}
      <path d={`M4 ${axis}H${width - 4}`} stroke={ink('mute')} strokeWidth={1} strokeDasharray="12 3 3 3" />
    </svg>
  );
}
