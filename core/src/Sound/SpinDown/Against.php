<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\SpinDown;

/** How a run stands against another that it may be held against. */
enum Against
{
    case Longer;
    case Alike;
    case Harder;
    /** They were not spun alike fast, and that alone may be the difference. */
    case OtherSpeed;

    /**
     * Dry friction takes as much at any speed, seals and grease take in step with it: only what differs both ways is told.
     *
     * @param  float  $told standard deviations by which it must differ
     */
    public static function of(Slowing $now, Slowing $then, float $told): self
    {
        $dry = self::by($now, $then, 1.0, $told);
        $viscous = self::by($now, $then, $now->speed / $then->speed, $told);

        return $dry === $viscous ? $dry : self::OtherSpeed;
    }

    /** @param  float  $share of the other's slowing that is to be expected at this speed */
    private static function by(Slowing $now, Slowing $then, float $share, float $told): self
    {
        $differs = $now->rate - $share * $then->rate;

        return match (true) {
            abs($differs) <= $told * hypot($now->rateSigma, $share * $then->rateSigma) => self::Alike,
            $differs < 0 => self::Longer,
            default => self::Harder,
        };
    }
}
