<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

/** A school of getting a bearing out. */
enum Extraction: string
{
    case Drift = 'drift';
    case Puller = 'puller';
    case Rod = 'rod';
    case Press = 'press';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Drift => 'Drift through',
            self::Puller => 'Expanding puller',
            self::Rod => 'Rod and receiving cup',
            self::Press => 'Press and plug',
        };
    }
}
