<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** The names of the places in a job's notebook that more than one station reads. */
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

    public static function part(string $id): string
    {
        return "part.$id";
    }

    public static function number(Side $side): string
    {
        return "size.{$side->value}.number";
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

    /** Whether hands tell of a fit there. */
    public static function isFeel(string $place): bool
    {
        return str_starts_with($place, 'fit.') && str_ends_with($place, '.feel');
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

    public static function newNumber(Side $side): string
    {
        return "source.{$side->value}.number";
    }

    /** A word on why something that asks for care may go. */
    public static function word(string $step): string
    {
        return "word.$step";
    }
}
