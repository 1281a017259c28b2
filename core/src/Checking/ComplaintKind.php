<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\PatternCard;

/** What a customer complains of. */
enum ComplaintKind: string
{
    case Grinding = 'grinding';
    case Squeal = 'squeal';
    case Wobble = 'wobble';
    case Drag = 'drag';
    case Locked = 'locked';
    case Heat = 'heat';
    case Seal = 'seal';
    case Pulling = 'pulling';
    case BrakeRub = 'brake_rub';
    case Chain = 'chain';
    case Age = 'age';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Grinding => 'Grinding or rumble',
            self::Squeal => 'Squeal or tick as it turns',
            self::Wobble => 'Wobble or knock',
            self::Drag => 'Drags, will not coast',
            self::Locked => 'Locked',
            self::Heat => 'Heat',
            self::Seal => 'Grease or rust at a seal',
            self::Pulling => 'Pulls to a side',
            self::BrakeRub => 'Uneven brake rub',
            self::Chain => 'Chain noise that is not the chain',
            self::Age => 'Nothing: age, water or season',
        };
    }

    /** Whether it can be said of such a hub: no brake rubs where there is none, no chain runs over a blade spindle. */
    public function isOf(PatternCard $card): bool
    {
        return match ($this) {
            self::BrakeRub, self::Pulling => $card->isBraked(),
            self::Chain => $card->role === HubRole::Freehub ||
                ($card->drives &&
                    in_array($card->machine, [MachineKind::Bicycle, MachineKind::Motorcycle, MachineKind::Loose], true)),
            default => true,
        };
    }
}
