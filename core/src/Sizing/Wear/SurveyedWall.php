<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

/** What wall is surveyed: what wears it, and how much it may. */
enum SurveyedWall: string
{
    case Bore = 'bore';
    case Shaft = 'shaft';
    case SealTrack = 'seal_track';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Bore => 'Bore that holds a ring',
            self::Shaft => 'Shaft or axle',
            self::SealTrack => 'Track of a seal',
        };
    }
}
