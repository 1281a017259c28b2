import type { Hub } from './mechanic';

/** What is typed alike at most hubs: spanners, figures, the three lengths of a pair with a spacer tube. */
const TYPED = {
  '*.spanner': '24',
  '*.torque': '60',
  'prove.carry': 'Repack in spring',
};

/** Answers that are not the ordinary ones of their step, or have none. */
const CHOSEN = {
  'check.caliper': 'freed',
  'check.rock_3_9': 'at_hub',
  'check.rock_12_6': 'at_hub',
  'check.spin': 'rumble',
  'fastener.pinch_bolts.source': 'absent',
  'fastener.caliper_bolts.source': 'absent',
  'fit.left.feel': 'light_taps',
  'fit.right.feel': 'light_taps',
  '*.driver': 'old_ring',
  'seat.warmed': 'cold',
  '*.start.eye': 'level',
};

/** Numbers of a pair of cartridges, old and new. */
const pair = (number: string, faces: string, shoulder: string, tube: string): Record<string, string> => ({
  'size.left.number': number,
  'size.right.number': number,
  'size.over_faces': faces,
  'size.ledge_depth': shoulder,
  'size.sleeve_length': tube,
  'source.left.number': number,
  'source.right.number': number,
});

/** What the machine carries outside the hub. */
const carries = (...fittings: string[]): Hub['trouble'] => ({ chosen: { 'check.fittings': fittings } });

/** One of two is bad, the other is looked after. */
const onlyOne = (bad: 'left' | 'right'): Hub['trouble'] => ({
  chosen: { 'check.sides': 'one', 'check.bad_side': bad, 'strip.kept': 'greased' },
  typed: { 'check.sides_reason': 'The other is a season old' },
});

/** Something is the matter with it before it comes apart. */
const isOtherwise = (...conditions: string[]): Hub['trouble'] => ({ chosen: { 'strip.condition': conditions } });

/** What some such hubs have besides. */
const has = (...parts: string[]): Hub['trouble'] => ({ chosen: { 'hub.also': parts } });

/** All of these at once, as it comes. */
const and = (...troubles: Hub['trouble'][]): Hub['trouble'] => ({
  chosen: Object.assign({}, ...troubles.map((one) => one.chosen)),
  typed: Object.assign({}, ...troubles.map((one) => one.typed ?? {})),
});

const hub = (
  pattern: string,
  complaint: string,
  forbidden: RegExp,
  more: Partial<Hub> & Pick<Hub, 'trouble'>,
): Hub => ({
  pattern,
  complaint,
  forbidden,
  trouble: more.trouble,
  typed: { ...TYPED, ...more.typed },
  chosen: { ...CHOSEN, ...more.chosen },
});

/** The other hubs' sides. */
const LEFT_RIGHT = '\\b(left|right) (side|bearing|bore|seal|end|inner|outer)';

const words = (...of: string[]): RegExp => new RegExp(of.join('|'), 'i');

/** The fourteen kinds: each with the words that its mechanic may not read. */
export const HUBS: Hub[] = [
  hub(
    'pair-sleeve',
    'Hums at speed',
    words('blade', 'pulley', 'sprocket side', 'freehub', '\\bcones?\\b', 'taper', 'knuckle'),
    {
      trouble: and(carries('sensor', 'chain', 'sprocket', 'adjusters'), isOtherwise('tight_spacers', 'disc')),
      typed: pair('6204-2RS', '104', '23.2', '57.6'),
    },
  ),
  hub(
    'pair-axle-shoulder',
    'Gritty by hand',
    words(LEFT_RIGHT, 'spacer tube', 'blade', 'knuckle', 'snap ring', 'jack'),
    {
      trouble: and(onlyOne('right'), has('ratchets', 'clip_right')),
      typed: { 'size.part.bearing_left': '6902-2RS', 'size.part.bearing_right': '6902-2RS' },
    },
  ),
  hub(
    'freehub-body',
    'Rumbles coasting',
    words(LEFT_RIGHT, 'caliper (off|bolts)', 'disc side', 'blade', 'knuckle', 'jack'),
    {
      trouble: onlyOne('left'),
      typed: { 'size.part.bearing_left': '6802-2RS', 'size.part.bearing_right': '6802-2RS' },
    },
  ),
  hub('pair-tube-axle', 'Gritty', words(LEFT_RIGHT, 'blade', 'knuckle', 'snap ring', 'jack'), {
    trouble: and(carries('cassette', 'rotor', 'skewer'), has('ring_nut_right')),
    typed: pair('6902-2RS', '62', '12', '40'),
  }),
  hub('cup-cone', 'Clicks', words(LEFT_RIGHT, 'spacer tube', 'inner ring', 'blade', 'knuckle', 'snap ring', 'jack'), {
    trouble: and(carries('freewheel', 'skewer', 'tab_washers'), has('second_nut_left')),
    typed: {
      '*ball_1': '6.35',
      '*ball_2': '6.35',
      '*ball_3': '6.35',
      'set.ends.left': '42.5',
      'set.ends.right': '42.5',
    },
  }),
  hub('cup-cone-conversion', 'Pitted cups', words(LEFT_RIGHT, 'blade', 'knuckle', 'snap ring', 'jack'), {
    trouble: { ...carries('tab_washers'), allowance: 30 },
    typed: { ...pair('6201-2RS', '70', '10', '50'), 'set.ends.left': '42.5', 'set.ends.right': '42.5' },
  }),
  hub(
    'single-ring',
    'Squeals',
    words(LEFT_RIGHT, 'spacer tube', 'brake', 'dropout', '\\bride\\b', 'blade', 'knuckle'),
    {
      trouble: isOtherwise('corroded', 'burst'),
      typed: { 'size.part.bearing': '6204-2RS', 'strip.burst.count': '8' },
    },
  ),
  hub('knuckle-wide', 'Growls', words(LEFT_RIGHT, 'spacer tube', 'blade', 'dropout', 'spokes'), {
    trouble: and(carries('sensor', 'disc'), isOtherwise('corroded', 'joints')),
    typed: { 'size.part.bearing': '3205-2RS' },
  }),
  hub('knuckle-pair', 'Growls', words(LEFT_RIGHT, 'blade', 'dropout', 'snap ring', 'spokes'), {
    trouble: onlyOne('left'),
    typed: pair('6205-2RS', '80', '15', '40'),
  }),
  hub('live-carrier', 'Rumbles', words(LEFT_RIGHT, 'blade', 'dropout', 'snap ring', 'spokes'), {
    trouble: and(carries('chain', 'disc'), isOtherwise('seized'), has('sprocket_hub')),
    typed: pair('6007-2RS', '124', '30', '64'),
  }),
  hub('shaft-bearing', 'Hums', words(LEFT_RIGHT, 'spacer tube', 'blade', 'dropout', 'draw bolt', 'spokes'), {
    trouble: carries('disc'),
    typed: { 'size.part.bearing': '6206-2RS' },
  }),
  hub('spindle', 'Screams', words(LEFT_RIGHT, 'brake', 'dropout', '\\bride\\b', 'wheel', 'snap ring'), {
    trouble: onlyOne('right'),
    typed: pair('6205-2RS', '110', '15', '80'),
  }),
  hub(
    'flanged-wheel',
    'Wobbles',
    words(LEFT_RIGHT, 'spacer tube', 'brake', 'dropout', 'blade(?! blocked)', 'snap ring'),
    {
      trouble: onlyOne('left'),
      typed: {
        'size.part.flanged_bearing_left': '99502H',
        'size.part.flanged_bearing_right': '99502H',
        'set.float.space': '80',
        'set.float.wheel': '78',
        'set.float.washers': '1.5',
      },
    },
  ),
  hub('taper-pair', 'Hot hub', words(LEFT_RIGHT, 'spacer tube', 'blade', 'dropout', 'snap ring', 'spokes'), {
    trouble: and(carries('brake_plate'), isOtherwise('seized'), has('felt_right')),
    typed: { '*taper_cone_left': 'LM11949', '*taper_cone_right': 'LM11949', 'set.taper.dial': '0.06' },
  }),
];
