<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** Whether the brake could be what is heard. */
enum CaliperState: string
{
    case Freed = 'freed';
    case NotFreed = 'not_freed';
    case None = 'none';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Freed => 'Off, and hung up',
            self::NotFreed => 'Still on',
            self::None => 'No caliper here',
        };
    }
}
