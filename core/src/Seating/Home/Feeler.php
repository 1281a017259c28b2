<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;

/** The leaf of a feeler that tells whether a ring stands square: the thickest below what a lean at the limit leaves open. */
final class Feeler
{
    /** Leaves of a usual set, mm. */
    private const LEAVES = [0.15, 0.10, 0.09, 0.08, 0.07, 0.06, 0.05, 0.04, 0.03];

    /** The thinnest there is on a ring too small for any. */
    public static function under(Length $outside): Length
    {
        $open = tan(deg2rad(Limits::standard()->get('square.home_deg'))) * $outside->mm;
        foreach (self::LEAVES as $leaf) {
            if ($leaf < $open) {
                return Length::mm($leaf);
            }
        }

        return Length::mm(self::LEAVES[count(self::LEAVES) - 1]);
    }
}
