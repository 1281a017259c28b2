<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

/** Cold first, or warm first. */
enum Heat: string
{
    case Cold = 'cold';
    case Warm = 'warm';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Cold => 'Cold first',
            self::Warm => 'Warm first',
        };
    }
}
