<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** How the hub is used: what decides its seals, its grease and whether a bearing without a cage may go in. */
enum HubUse: string
{
    case FastWheel = 'fast_wheel';
    case SlowWheel = 'slow_wheel';
    case Blade = 'blade';
    case Pivot = 'pivot';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::FastWheel => 'Fast road wheel',
            self::SlowWheel => 'Slow wheel',
            self::Blade => 'Blade spindle',
            self::Pivot => 'Pivot that only rocks',
        };
    }
}
