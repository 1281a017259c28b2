<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** What spinning the wheel lets hear. */
enum Spin: string
{
    case Quiet = 'quiet';
    case Rub = 'rub';
    case Rumble = 'rumble';
    case Grind = 'grind';
    case Locked = 'locked';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Quiet => 'Quiet',
            self::Rub => 'Rubs once a turn',
            self::Rumble => 'Rumbles all round',
            self::Grind => 'Grinds',
            self::Locked => 'Will not turn',
        };
    }
}
