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

    public function label(): string
    {
        return match ($this) {
            self::Bearings => 'the wheel bearings',
            self::Brake => 'the brake',
            self::AxleNut => 'the axle nut',
            self::Joints => 'steering or suspension joints',
            self::WheelTyre => 'rim or tyre',
            self::Seal => 'a seal',
            self::ConeSetting => 'the setting of the cones',
            self::Freehub => 'the freehub',
        };
    }
}
