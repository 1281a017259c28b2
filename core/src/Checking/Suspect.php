<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** What a wheel complaint may come from. */
enum Suspect: string
{
    case Bearings = 'bearings';
    case Brake = 'brake';
    case AxleNut = 'axle_nut';
    case Joints = 'joints';
    case WheelTyre = 'wheel_tyre';
    case Seal = 'seal';
    case ConeSetting = 'cone_setting';
    case Freehub = 'freehub';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Bearings => 'The wheel bearings',
            self::Brake => 'The brake',
            self::AxleNut => 'The axle nut',
            self::Joints => 'Steering or suspension joints',
            self::WheelTyre => 'Rim or tyre',
            self::Seal => 'A seal',
            self::ConeSetting => 'The setting of the cones',
            self::Freehub => 'The freehub',
        };
    }
}
