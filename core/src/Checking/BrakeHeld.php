<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** What holding the brake does to a knock. */
enum BrakeHeld: string
{
    case Gone = 'gone';
    case Still = 'still';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Gone => 'The knock goes',
            self::Still => 'It is still there',
        };
    }
}
