<?php

declare(strict_types=1);

namespace App\Shapes;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Duration;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Mass;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\TemperatureRise;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Measure\Volume;
use Illuminate\Support\Str;

/** How a property of the core is called outside: snake_case, with the unit at the end. */
final class FieldNames
{
    private const UNITS = [
        Length::class => 'mm',
        Reading::class => 'mm',
        Force::class => 'n',
        Torque::class => 'nm',
        Temperature::class => 'c',
        TemperatureRise::class => 'k',
        Pressure::class => 'mpa',
        Angle::class => 'deg',
        Mass::class => 'g',
        Volume::class => 'cm3',
        Money::class => 'minor',
        Duration::class => 's',
    ];

    /** How an input is called: as its value is shown, but an amount of money is written as people write it and has no unit in its name. */
    public static function ofInput(string $property, ?string $type): string
    {
        return self::of($property, $type === Money::class ? null : $type);
    }

    public static function of(string $property, ?string $type): string
    {
        $unit = self::UNITS[$type ?? ''] ?? null;

        return Str::snake($property).($unit === null ? '' : '_'.$unit);
    }
}
