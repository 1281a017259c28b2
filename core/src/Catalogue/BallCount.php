<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\Length;

/**
 * How many balls a single-row deep-groove bearing of a size usually has, and how wide they are. Makers differ by one ball and a
 * few tenths: it says what to look for, not what must be there.
 */
final readonly class BallCount
{
    /** Balls of common series are about this share of the difference of outside and bore. */
    private const BALL_SHARE = 0.3;

    /** A bearing filled from one side, its inner ring pushed over, holds balls over about this much of the circle, in degrees. */
    private const FILLED = 200.0;

    private function __construct(public int $balls, public Length $ball)
    {
    }

    /** What bearings of that bore and outside diameter usually have (boundary sizes in mm; makers differ by one ball). */
    public static function usual(Length $bore, Length $outside): self
    {
        $ball = self::BALL_SHARE * ($outside->mm - $bore->mm);
        $pitch = ($outside->mm + $bore->mm) / 2;

        return new self(1 + (int) floor(self::FILLED / (2 * rad2deg(asin($ball / $pitch)))), Length::mm($ball));
    }
}
