<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

/** When a cone was judged: every nut that is tightened moves it. */
enum ConeStage: string
{
    case Open = 'open';
    case OneNut = 'one_nut';
    case Locked = 'locked';
    case Clamped = 'clamped';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Open => 'Before locking',
            self::OneNut => 'First nut locked',
            self::Locked => 'Locked',
            self::Clamped => 'Locked, clamped in the frame',
        };
    }

    /** Whether the lock nut is tight at this stage. */
    public function isLocked(): bool
    {
        return $this === self::Locked || $this === self::Clamped;
    }
}
