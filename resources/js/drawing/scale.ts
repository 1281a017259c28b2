import type { Section } from '../api/types';

/** Turns millimetres of a section into points of a drawing: the axis lies level, the upper half above it. */
export interface Scale {
  perMm: number;
  x: (alongMm: number) => number;
  /** Up from the axis. */
  y: (radiusMm: number) => number;
}

/** How near the hub is looked at, and at which place along it. */
export interface View {
  zoom: number;
  /** In mm from the left face; the middle of the hub when it is null. */
  centre: number | null;
}

export const WHOLE: View = { zoom: 1, centre: null };

/** Room at the ends for a driver and its name, as a share of the hub, and above it in mm. */
const SIDE_SHARE = 0.09;
const HEADROOM_MM = 3;

/** The largest scale at which the hub, its axle ends and a driver fit into a box; nearer by the view's zoom. */
export function fit(section: Section, width: number, axis: number, view: View = WHOLE): Scale {
  const long = (section.to_mm - section.from_mm) * (1 + 2 * SIDE_SHARE);
  const perMm = Math.min(width / long, axis / (section.radius_mm + HEADROOM_MM)) * view.zoom;
  const middle = view.centre ?? (section.from_mm + section.to_mm) / 2;
  return { perMm, x: (mm) => width / 2 + (mm - middle) * perMm, y: (mm) => axis - mm * perMm };
}

/** Points of a polygon as SVG writes them. */
export const polygon = (points: [number, number][]): string =>
  points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
