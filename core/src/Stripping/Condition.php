<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Patterns\MachineKind;

/** What is the matter with a hub, or near it, that changes how it is taken apart. */
enum Condition: string
{
    case Corroded = 'corroded';
    case Burst = 'burst';
    case Seized = 'seized';
    case Joints = 'joints';
    case Painted = 'painted';
    case Plastic = 'plastic';
    case Disc = 'disc';
    case Electric = 'electric';
    case Blade = 'blade';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Corroded => 'Corroded',
            self::Burst => 'A bearing has burst, its outer ring stayed',
            self::Seized => 'Cone, ring or shaft seized',
            self::Joints => 'Steering joints in the way',
            self::Painted => 'Paint or powder on the hub',
            self::Plastic => 'Plastic wheel',
            self::Disc => 'Brake disc or rotor on it',
            self::Electric => 'Electric drive',
            self::Blade => 'Blade',
        };
    }

    /** @return list<self> what such a machine has, until somebody says */
    public static function usual(MachineKind $machine): array
    {
        return match ($machine) {
            MachineKind::Motorcycle => [self::Disc],
            MachineKind::Quad => [self::Disc, self::Joints],
            MachineKind::Cart => [self::Electric],
            MachineKind::Mower => [self::Blade],
            default => [],
        };
    }
}
