<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

/** What a force–travel curve shows of a seating. */
enum PressKind: string
{
    case Waiting = 'waiting';
    case Going = 'going';
    case Good = 'good';
    case Cocked = 'cocked';
    case DirtyBore = 'dirty_bore';
    case Oversize = 'oversize';
    case EarlyHome = 'early_home';
    case MissingSleeve = 'missing_sleeve';
    case Loose = 'loose';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Waiting => 'not begun',
            self::Going => 'going in',
            self::Good => 'home, as it should be',
            self::Cocked => 'cocked',
            self::DirtyBore => 'dirt or a score in the bore',
            self::Oversize => 'tighter than expected',
            self::EarlyHome => 'stopped short of its place',
            self::MissingSleeve => 'past its place',
            self::Loose => 'hardly any grip',
        };
    }
}
