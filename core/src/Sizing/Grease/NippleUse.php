<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Grease;

/** Whether the hub has a grease nipple between its bearings, and whether anybody uses it. */
enum NippleUse: string
{
    case None = 'none';
    case Used = 'used';
    case Unused = 'unused';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::None => 'No nipple',
            self::Used => 'A nipple, and it is used',
            self::Unused => 'A nipple nobody uses',
        };
    }
}
