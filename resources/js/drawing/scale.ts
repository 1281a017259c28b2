import type { Section } from '../api/types';

/** Turns millimetres of a section into points of a drawing: the axis lies level, the upper half above it. */
export interface Scale {
  perMm: number;
  x: (alongMm: number) => number;
  /** Up from the axis. */
  y: (radiusMm: number) => number;
}

/** Room round the section, in mm at the drawing's own scale. */
const SIDE_MM = 26;
const HEADROOM_MM = 3;

/** The largest scale at which the hub, its axle ends and a driver fit into a box. */
export function fit(section: Section, width: number, axis: number): Scale {
  const over = section.over_faces_mm;
  const perMm = Math.min(width / (over + 2 * SIDE_MM), axis / (section.hub_outside_mm / 2 + HEADROOM_MM));
  return { perMm, x: (mm) => width / 2 + (mm - over / 2) * perMm, y: (mm) => axis - mm * perMm };
}

/** Points of a polygon as SVG writes them. */
export const polygon = (points: [number, number][]): string =>
  points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
