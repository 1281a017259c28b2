<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** How an inner ring turns under a finger, axle out. */
enum InnerFeel: string
{
    case Smooth = 'smooth';
    case Dry = 'dry';
    case Rough = 'rough';
    case Notchy = 'notchy';
    case Locked = 'locked';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Smooth => 'Smooth',
            self::Dry => 'Dry, scratchy',
            self::Rough => 'Rough',
            self::Notchy => 'Notchy',
            self::Locked => 'Locked',
        };
    }
}
