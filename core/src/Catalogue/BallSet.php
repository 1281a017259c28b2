<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Table;

/** The balls of a single-row deep-groove bearing: how many, how wide, on which circle; from the table, or as such bearings usually are. */
final readonly class BallSet
{
    /** @param  bool  $guessed whether makers' lists do not say it */
    private function __construct(public int $balls, public Length $ball, public Length $circle, public bool $guessed)
    {
    }

    public static function of(Bearing $bearing): self
    {
        foreach (Table::rows('ball_sets') as $row) {
            if ($row['number'] === $bearing->number) {
                $ball = Length::mm((float) $row['ball_mm']);

                return new self((int) $row['balls'], $ball, self::between($bearing->bore, $bearing->outside), false);
            }
        }

        return self::usual($bearing->bore, $bearing->outside);
    }

    /** Makers differ by one ball: a guess, and said to be one. */
    public static function usual(Length $bore, Length $outside): self
    {
        $usual = BallCount::usual($bore, $outside);

        return new self($usual->balls, $usual->ball, self::between($bore, $outside), true);
    }

    /** As somebody counted and measured them. */
    public static function counted(int $balls, Length $ball, Length $circle): self
    {
        return new self($balls, $ball, $circle, false);
    }

    private static function between(Length $bore, Length $outside): Length
    {
        return Length::mm(($bore->mm + $outside->mm) / 2);
    }
}
