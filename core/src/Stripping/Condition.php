<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Turning;

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
    case TightSpacers = 'tight_spacers';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Corroded => 'Corroded',
            self::Burst => 'A bearing has burst, its outer ring stayed',
            self::Seized => 'A ring or the shaft is seized',
            self::Joints => 'Steering joints in the way',
            self::Painted => 'Paint or powder on it',
            self::Plastic => 'Plastic wheel',
            self::Disc => 'Brake disc or rotor on it',
            self::Electric => 'Electric drive',
            self::TightSpacers => 'Its end spacers sit tight in the bearings',
        };
    }

    /**
     * What may be the matter with such a hub: no blade on a bicycle, no burst cartridge where it has none.
     *
     * @return list<self>
     */
    public static function possible(PatternCard $card, Stack $stack): array
    {
        return array_values(
            array_filter(
                self::cases(),
                static fn (self $one): bool => match ($one) {
                    self::Electric => in_array($card->machine, [MachineKind::Cart, MachineKind::Bicycle, MachineKind::Motorcycle], true),
                    self::Disc => $card->isBraked(),
                    self::Joints => $card->machine === MachineKind::Quad,
                    self::Plastic => in_array($card->role, [HubRole::Idler, HubRole::Wheel], true) &&
                        in_array($card->machine, [MachineKind::Loose, MachineKind::Mower], true),
                    self::TightSpacers => $card->turns === Turning::Hub &&
                        $stack->ofKind(PartKind::Spacer) !== [] &&
                        $stack->one(PartKind::Sleeve) !== null &&
                        $stack->cartridges() !== [],
                    self::Burst => $stack->cartridges() !== [],
                    default => true,
                },
            ),
        );
    }

    /** @return list<self> what such a machine has, until somebody says */
    public static function usual(MachineKind $machine): array
    {
        return match ($machine) {
            MachineKind::Motorcycle => [self::Disc],
            MachineKind::Quad => [self::Disc, self::Joints],
            MachineKind::Cart => [self::Electric],
            default => [],
        };
    }
}
