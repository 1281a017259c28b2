<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** How it stops after a push. */
enum Coast: string
{
    case Soon = 'soon';
    case Long = 'long';
    case Drags = 'drags';
    case BackAndForth = 'back_and_forth';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Soon => 'Turns easily, stops soon',
            self::Long => 'Coasts long and sings',
            self::Drags => 'Drags',
            self::BackAndForth => 'Rocks back and forth',
        };
    }
}
