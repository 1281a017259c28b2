/** Where a length stands on a drawing: along the axle, or across it from the centre line up. */
export interface Mark {
  across?: true;
  from: number;
  to: number;
  /** Where its line is drawn, and how far the thing is that it reaches to. */
  at: number;
  reach: number;
}

/** Which drawing a calculator has, and where each of its fields stands on it, by the name of the field. */
export interface Geometry {
  view: 'seat' | 'pair' | 'fork' | 'wrench';
  marks: Record<string, Mark>;
}

const along = (from: number, to: number, at: number, reach: number): Mark => ({ from, to, at, reach });

/** From the centre line: of the seat and the pair it lies at 170, of the fork at 100. */
const across = (to: number, at: number, reach: number, from = 170): Mark => ({ across: true, from, to, at, reach });

const SEAT = {
  bore: across(130, 96, 158),
  shaft: across(130, 70, 104),
  shaft_hole: across(156, 44, 80),
  outside: across(62, 326, 214),
  housing: across(62, 354, 214),
  hub_outside: across(22, 386, 300),
  shoulder: across(92, 270, 260),
  width: along(158, 214, 186, 130),
  depth: along(120, 158, 186, 78),
  to_shoulder: along(120, 214, 10, 62),
  contact: along(163, 209, 46, 62),
  to_groove: along(120, 140, 36, 54),
  groove_width: along(140, 148, 24, 54),
  groove: across(54, 310, 148),
  hangs: along(300, 364, 186, 150),
};

const PAIR = {
  over_faces: along(60, 360, 10, 24),
  first_depth: along(60, 84, 186, 78),
  first_width: along(84, 130, 186, 130),
  tube: along(130, 290, 186, 130),
  second_width: along(290, 336, 186, 130),
  second_depth: along(336, 360, 186, 78),
  span: along(130, 290, 104, 90),
  shoulder_one: along(60, 130, 30, 62),
  shoulder_two: along(290, 360, 30, 62),
  axle: across(130, 28, 60),
  seat_left: across(62, 44, 60),
  seat_right: across(62, 384, 360),
  hollow: across(82, 176, 170),
  over_tube: across(118, 236, 236),
  rod: along(8, 412, 186, 150),
  circle: across(96, 44, 100),
  ball: across(79, 66, 100, 113),
};

const FORK = {
  fork: along(90, 330, 186, 150),
  wheel: along(120, 300, 168, 130),
  spacer_left: along(90, 120, 148, 108),
  spacer_right: along(300, 330, 148, 108),
  face_left: along(120, 210, 168, 130),
  face_right: along(210, 300, 168, 130),
  gap_left: along(90, 196, 40, 24),
  gap_right: along(224, 330, 40, 24),
  end_left: along(40, 70, 128, 104),
  end_right: along(350, 380, 128, 104),
  dropout: along(70, 90, 60, 84),
  rows: along(146, 274, 148, 112),
  cones: along(132, 288, 168, 112),
  radius: across(20, 246, 224, 100),
  circle: across(74, 116, 146, 100),
  rim_play: across(8, 182, 196, 22),
};

/** A torque wrench with an adapter, from above. */
const WRENCH = { grip: along(40, 300, 140, 108), adapter: along(300, 372, 140, 112) };

/** Sizes of a bearing, where it stands in its seat. */
const RING = { bore_mm: SEAT.bore, outside_mm: SEAT.outside, width_mm: SEAT.width };

export const GEOMETRIES: Record<string, Geometry> = {
  'bearing-from-caliper': { view: 'seat', marks: RING },
  'match-check': { view: 'seat', marks: RING },
  'press-fit': {
    view: 'seat',
    marks: { ...RING, measured_mm: SEAT.housing, hub_outside_mm: SEAT.hub_outside, shaft_hole_mm: SEAT.shaft_hole },
  },
  'press-force': {
    view: 'seat',
    marks: {
      ...RING,
      hub_outside_mm: SEAT.hub_outside,
      contact_length_mm: SEAT.contact,
      shaft_hole_mm: SEAT.shaft_hole,
    },
  },
  fit: {
    view: 'seat',
    marks: {
      outside_mm: SEAT.outside,
      bore_mm: SEAT.housing,
      ring_bore_mm: SEAT.bore,
      width_mm: SEAT.width,
      hub_outside_mm: SEAT.hub_outside,
    },
  },
  'shaft-fit': { view: 'seat', marks: { ...RING, shaft_mm: SEAT.shaft, shaft_hole_mm: SEAT.shaft_hole } },
  'sliding-fit': { view: 'seat', marks: { bore_mm: SEAT.bore, shaft_mm: SEAT.shaft } },
  heat: { view: 'seat', marks: { outside_mm: SEAT.outside } },
  'ring-heat': { view: 'seat', marks: { bore_mm: SEAT.bore } },
  'clearance-left': { view: 'seat', marks: RING },
  driver: {
    view: 'seat',
    marks: {
      bore_mm: SEAT.bore,
      outside_mm: SEAT.outside,
      depth_mm: SEAT.depth,
      ledge_mm: SEAT.shoulder,
      axle_mm: SEAT.shaft,
    },
  },
  seal: { view: 'seat', marks: { shaft_mm: SEAT.shaft, bore_mm: SEAT.housing, width_mm: SEAT.width } },
  'snap-ring': {
    view: 'seat',
    marks: { diameter_mm: SEAT.housing, groove_mm: SEAT.groove, thickness_mm: SEAT.groove_width },
  },
  support: {
    view: 'seat',
    marks: { passes_mm: SEAT.outside, hub_outside_mm: SEAT.hub_outside, hangs_mm: SEAT.hangs },
  },
  home: {
    view: 'seat',
    marks: {
      width_mm: SEAT.width,
      ledge_depth_mm: SEAT.to_shoulder,
      depth_mm: SEAT.depth,
      groove_edge_depth_mm: SEAT.to_groove,
      groove_width_mm: SEAT.groove_width,
    },
  },
  'second-bearing': {
    view: 'pair',
    marks: {
      over_faces_mm: PAIR.over_faces,
      first_depth_mm: PAIR.first_depth,
      first_width_mm: PAIR.first_width,
      sleeve_length_mm: PAIR.tube,
      second_width_mm: PAIR.second_width,
      second_depth_mm: PAIR.second_depth,
    },
  },
  'sleeve-length': { view: 'pair', marks: { span_mm: PAIR.span, sleeve_length_mm: PAIR.tube } },
  'sleeve-to-make': {
    view: 'pair',
    marks: {
      axle_mm: PAIR.axle,
      outside_mm: PAIR.seat_left,
      span_mm: PAIR.span,
      over_faces_mm: PAIR.over_faces,
      ledge_one_mm: PAIR.shoulder_one,
      ledge_two_mm: PAIR.shoulder_two,
    },
  },
  conversion: {
    view: 'pair',
    marks: {
      seat_left_mm: PAIR.seat_left,
      seat_right_mm: PAIR.seat_right,
      axle_mm: PAIR.axle,
      depth_mm: PAIR.shoulder_one,
      span_mm: PAIR.span,
    },
  },
  grease: {
    view: 'pair',
    marks: {
      bore_mm: PAIR.axle,
      outside_mm: PAIR.seat_left,
      width_mm: PAIR.first_width,
      cavity_outside_mm: PAIR.hollow,
      cavity_inside_mm: PAIR.over_tube,
      cavity_length_mm: PAIR.span,
    },
  },
  'balls-in-cup': { view: 'pair', marks: { circle_mm: PAIR.circle, ball_mm: PAIR.ball } },
  'draw-rod': { view: 'pair', marks: { over_faces_mm: PAIR.over_faces, rod_mm: PAIR.rod } },
  torque: { view: 'wrench', marks: { wrench_length_mm: WRENCH.grip, adapter_mm: WRENCH.adapter } },
  'wheel-centre': {
    view: 'fork',
    marks: {
      fork_mm: FORK.fork,
      face_left_mm: FORK.face_left,
      face_right_mm: FORK.face_right,
      gap_left_mm: FORK.gap_left,
      gap_right_mm: FORK.gap_right,
      spacer_left_mm: FORK.spacer_left,
      spacer_right_mm: FORK.spacer_right,
    },
  },
  'axle-ends': {
    view: 'fork',
    marks: { left_mm: FORK.end_left, right_mm: FORK.end_right, dropout_mm: FORK.dropout },
  },
  'axle-float': {
    view: 'fork',
    marks: { space_mm: FORK.fork, wheel_mm: FORK.wheel, fitted_mm: FORK.spacer_left },
  },
  'cone-play': {
    view: 'fork',
    marks: {
      rim_play_mm: FORK.rim_play,
      radius_mm: FORK.radius,
      spacing_mm: FORK.rows,
      circle_mm: FORK.circle,
      between_mm: FORK.cones,
    },
  },
};
