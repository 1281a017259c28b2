<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Tables\Limits;

/** What a seat is meant to do with its ring: the pattern says it, and the mechanic where this hub is built otherwise. */
enum SeatMeant: string
{
    case PressedFast = 'pressed_fast';
    case PressedSlow = 'pressed_slow';
    case StandsStill = 'stands_still';
    case Clamped = 'clamped';
    case Slides = 'slides';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::PressedFast => 'Pressed: turns under load at speed',
            self::PressedSlow => 'Pressed: slow or light',
            self::StandsStill => 'Stands still, kept by ring, cover or nut',
            self::Clamped => 'Slides on, then a nut clamps it',
            self::Slides => 'Slides free',
        };
    }

    /** Whether it must hold the ring by itself, or at least with what keeps it. */
    public function grips(): bool
    {
        return $this !== self::Clamped && $this !== self::Slides;
    }

    /** Least interference that is right, mm. */
    public function least(Limits $limits): float
    {
        return $limits->get(
            match ($this) {
                self::PressedFast => 'fit.grip_go',
                self::PressedSlow => 'fit.grip_go_slow',
                self::StandsStill => 'fit.still_go',
                self::Clamped, self::Slides => 'fit.slide_loose',
            },
        );
    }

    /** Interference below which it must not be left, mm. */
    public function bearable(Limits $limits): float
    {
        return $limits->get(
            match ($this) {
                self::PressedFast, self::PressedSlow => 'fit.grip_creep',
                self::StandsStill => 'fit.still_creep',
                self::Clamped, self::Slides => 'fit.slide_stop',
            },
        );
    }

    /** Most interference that still slides, mm; infinite where it is to grip. */
    public function most(Limits $limits): float
    {
        return match ($this) {
            self::Clamped => $limits->get('fit.clamped_most'),
            self::Slides => 0.0,
            default => INF,
        };
    }

    /** Warm: below this it would come loose by itself, mm; nothing is asked of one that slides. */
    public function warmBearable(Limits $limits): float
    {
        return match ($this) {
            self::PressedFast, self::PressedSlow => $limits->get('fit.warm_loose'),
            self::StandsStill => $limits->get('fit.warm_still_loose'),
            default => -INF,
        };
    }
}
