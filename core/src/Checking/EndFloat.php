<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** What pushing and pulling along the axle shows. */
enum EndFloat: string
{
    case None = 'none';
    case Hair = 'hair';
    case Much = 'much';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::None => 'None',
            self::Hair => 'A hair',
            self::Much => 'Plainly loose',
        };
    }
}
