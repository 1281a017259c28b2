<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting;

use CleanRace\Core\Measure\Force;

/** How hard the lever of a quick-release closes, and what it squeezes with: shop practice, there is no gauge for it. */
enum LeverFeel: string
{
    case Light = 'light';
    case Usual = 'usual';
    case Firm = 'firm';

    public function label(): string
    {
        return match ($this) {
            self::Light => 'Light, by the fingers',
            self::Usual => 'Marks the palm',
            self::Firm => 'Hard, with the whole hand',
        };
    }

    public function squeeze(): Force
    {
        return Force::newtons(match ($this) {
            self::Light => 2500,
            self::Usual => 4000,
            self::Firm => 6000,
        });
    }
}
