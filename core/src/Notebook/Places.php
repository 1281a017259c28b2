<?php

declare(strict_types=1);

namespace CleanRace\Core\Notebook;

use CleanRace\Core\Measure\Nonsense;

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

    public const USE = 'size.use';

    public const NIPPLE = 'size.nipple';

    public const WATER = 'size.water';

    public const SIDES_REASON = 'check.sides_reason';

    public const LOOK_THROUGH = 'seat.look_through';

    public const METER = 'check.meter';

    public const SECOND = 'prove.second';

    public const CARRY = 'prove.carry';

    public const CARRY_WHEN = 'prove.carry_when';

    /** @throws Nonsense when there is no such place in any job */
    public static function at(string $address): Place
    {
        return PlaceTable::find($address) ?? throw Nonsense::about('place', sprintf('There is no place named "%s" in a job.', mb_substr($address, 0, 80)));
    }

    public static function part(string $id): string
    {
        return "part.$id";
    }

    /** @param  string  $side left or right */
    public static function number(string $side): string
    {
        return "size.$side.number";
    }

    /** What is stamped on a part, or its sizes. */
    public static function sized(string $part): string
    {
        return "size.part.$part";
    }

    /** One reading of a part that is to be bought. */
    public static function sizedBy(string $part, string $what): string
    {
        return "size.part.$part.$what";
    }

    /** @param  string  $seat left or right of a pair, or the part that sits there */
    public static function feel(string $seat): string
    {
        return "fit.$seat.feel";
    }

    public static function remedy(string $seat): string
    {
        return "fit.$seat.remedy";
    }

    public static function look(string $seat): string
    {
        return "bore.$seat.look";
    }

    public static function bore(string $seat, string $depth, string $clock): string
    {
        return "bore.$seat.$depth.$clock";
    }

    /** @param  string  $side left or right */
    public static function newNumber(string $side): string
    {
        return "source.$side.number";
    }

    /** Width of the new bearing, as it was measured when it came. */
    public static function newWidth(string $side): string
    {
        return "source.$side.width";
    }

    /** A word on why something that asks for care may go. */
    public static function word(string $step): string
    {
        return "word.$step";
    }
}
