<?php

declare(strict_types=1);

namespace CleanRace\Core\Notebook;

use CleanRace\Core\Measure\InvalidInput;

/**
 * The addresses of the places in a job's notebook: the one file where they are put together. What stands at each, and
 * within which limits, says places.csv.
 */
final class Places
{
    /** Changes made to the parts of the hub. */
    public const HUB = 'hub.edits';

    /** Faults of the stack that are kept, because it was found so. */
    public const AS_FOUND = 'hub.as_found';

    public const ROOM = 'size.room_temperature';

    public const MATERIAL = 'size.hub_material';

    public const FINISH = 'size.hub_finish';

    public const HUB_OUTSIDE = 'size.hub_outside';

    public const OVER_FACES = 'size.over_faces';

    public const LEDGE_DEPTH = 'size.ledge_depth';

    public const LEDGES = 'size.ledges';

    public const LEDGE_SPAN = 'size.ledge_span';

    public const SLEEVE_LENGTH = 'size.sleeve_length';

    public const GROOVE_EDGE = 'size.groove_edge';

    public const RING_SIDE = 'check.ring_side';

    public const SIDES = 'check.sides';

    public const BAD_SIDE = 'check.bad_side';

    public const KEPT = 'strip.kept';

    public const USE = 'size.use';

    public const NIPPLE = 'size.nipple';

    public const WATER = 'size.water';

    public const SIDES_REASON = 'check.sides_reason';

    public const LOOK_THROUGH = 'seat.look_through';

    public const METER = 'check.meter';

    public const SECOND = 'prove.second';

    public const CARRY = 'prove.carry';

    public const CARRY_WHEN = 'prove.carry_when';

    public const AXLE_LEFT = 'check.axle_left';

    public const AXLE_RIGHT = 'check.axle_right';

    public const FITTINGS = 'check.fittings';

    public const BROKEN = 'check.broken';

    /** Nuts and bolts that somebody named beside those of such hubs. */
    public const OWN_FASTENERS = 'check.fasteners';

    /** What is in a hub that is turned from cups to cartridges: the cups, or the cartridges of another time. */
    public const NOW = 'hub.now';

    /** Whether a chain or belt drives this wheel. */
    public const DRIVEN = 'hub.driven';

    /** Parts that this hub has besides those such hubs usually have. */
    public const ALSO = 'hub.also';

    /** Why it failed, as far as is seen. */
    public const CAUSE = 'check.cause';

    public const COMPLAINT = 'check.complaint';

    public const COMPLAINT_KINDS = 'check.kinds';

    public const RING_LEFT = 'check.ring_left';

    public const RING_RIGHT = 'check.ring_right';

    public const BALLS_FOUND = 'strip.balls_found';

    public const BURST_COUNT = 'strip.burst.count';

    /** Which bearing burst: left, right or both. */
    public const BURST_WHICH = 'strip.burst.which';

    public const BURST_WAY = 'strip.burst.way';

    public const CONDITION = 'strip.condition';

    public const HEAT_USED = 'strip.heat';

    /** The side of the shoulder that the first bearing goes down to. */
    public const LOOK_FIRST = 'strip.look.first';

    public const LOOK_AXLE = 'strip.look.axle';

    public const LOOK_BORE_LEFT = 'strip.look.bore_left';

    public const LOOK_BORE_RIGHT = 'strip.look.bore_right';

    public const LOOK_GROOVE = 'strip.look.groove';

    public const LOOK_SHOULDER = 'strip.look.shoulder';

    public const LOOK_TUBE = 'strip.look.tube';

    public const LOOK_NOTE = 'strip.look.note';

    /** Whether the old bearing is kept. */
    public const SPARE = 'strip.spare';

    public const WAY_OUT = 'strip.way';

    public const WAY_OUT_WHY = 'strip.way_why';

    public const AXLE_DIAMETER = 'size.axle_diameter';

    public const CAVITY_INSIDE = 'size.cavity_inside';

    public const CAVITY_LENGTH = 'size.cavity_length';

    public const CAVITY_OUTSIDE = 'size.cavity_outside';

    public const CUP_SEAT_DEPTH = 'size.cup_seat_depth';

    public const CUP_SEAT_LEFT = 'size.cup_seat_left';

    public const CUP_SEAT_RIGHT = 'size.cup_seat_right';

    public const MADE = 'size.made';

    public const GREASE_NEW = 'size.grease_new';

    public const GREASE_OLD = 'size.grease_old';

    public const WAY_IN = 'size.way';

    public const WAY_IN_WHY = 'seat.way_why';

    public const SEALS_IN = 'seat.seals_in';

    public const ASSEMBLY_MINUTES = 'source.assembly.minutes';

    /** The number of a kit that is bought instead of single parts. */
    public const KIT = 'source.kit.number';

    public const KIT_BRINGS = 'source.kit.brings';

    public const ASSEMBLY_PRICE = 'source.assembly.price';

    public const ASSEMBLY_RISK = 'source.assembly.risk';

    public const DRIVER = 'seat.driver';

    public const HUB_MASS = 'seat.hub_mass';

    public const HUB_TEMPERATURE = 'seat.hub_temperature';

    public const RING_SEATED = 'seat.ring_seated';

    public const PAIR_FEEL = 'seat.pair_feel';

    /** Whether the hub was left cold or warmed. */
    public const WARMED = 'seat.warmed';

    public const AXLE_PASSES = 'set.axle_passes';

    public const AXLE_THREAD = 'set.axle_thread';

    public const CENTRE_FACE_LEFT = 'set.centre.face_left';

    public const CENTRE_FACE_RIGHT = 'set.centre.face_right';

    public const CENTRE_FORK = 'set.centre.fork';

    public const CENTRE_GAP_LEFT = 'set.centre.gap_left';

    public const CENTRE_GAP_RIGHT = 'set.centre.gap_right';

    public const CENTRE_SPACER_LEFT = 'set.centre.spacer_left';

    public const CENTRE_SPACER_RIGHT = 'set.centre.spacer_right';

    public const CONE_AXLE = 'set.cone.axle';

    public const CONE_AXLE_BORE = 'set.cone.axle_bore';

    public const CONE_LEVER = 'set.cone.lever';

    public const CONE_RADIUS = 'set.cone.radius';

    public const CONE_SPACING = 'set.cone.spacing';

    public const ENDS_DROPOUT = 'set.ends.dropout';

    public const ENDS_LEFT = 'set.ends.left';

    public const ENDS_RIGHT = 'set.ends.right';

    public const FLOAT_BOTH = 'set.float.both';

    public const FLOAT_SPACE = 'set.float.space';

    public const FLOAT_WASHERS = 'set.float.washers';

    public const FLOAT_WHEEL = 'set.float.wheel';

    public const PINS = 'set.pins';

    public const TAPER_BACKED_OFF = 'set.taper.backed_off';

    public const TAPER_BAND_HIGH = 'set.taper.band_high';

    public const TAPER_BAND_LOW = 'set.taper.band_low';

    public const TAPER_DIAL = 'set.taper.dial';

    public const TAPER_FEEL = 'set.taper.feel';

    public const TAPER_HOLE = 'set.taper.hole';

    public const TAPER_HOLES = 'set.taper.holes';

    public const TAPER_SEATING = 'set.taper.seating';

    public const TAPER_SLOTS = 'set.taper.slots';

    public const TAPER_THREAD = 'set.taper.thread';

    public const TURNS = 'set.turns';

    /** @throws InvalidInput when there is no such place in any job */
    public static function at(string $address): Place
    {
        return PlaceTable::find($address) ??
            throw InvalidInput::about('place', sprintf('There is no place named "%s" in a job.', mb_substr($address, 0, 80)));
    }
}
