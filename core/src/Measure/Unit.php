<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** The unit a number is held in. Inside the core a kind of quantity has one unit only. */
enum Unit: string
{
    case Millimetre = 'mm';
    case Degree = 'deg';
    case Newton = 'n';
    case NewtonMetre = 'nm';
    case Celsius = 'c';
    case Kelvin = 'k';
    case Megapascal = 'mpa';
    case Share = 'share';
    case Gram = 'g';
    case CubicCentimetre = 'cm3';
    case Second = 's';
    case Count = 'count';

    /** What stands after the number when a person reads it. */
    public function symbol(): string
    {
        return match ($this) {
            self::Millimetre => 'mm',
            self::Degree => '°',
            self::Newton => 'N',
            self::NewtonMetre => 'N·m',
            self::Celsius => '°C',
            self::Kelvin => 'K',
            self::Megapascal => 'MPa',
            self::Share => '%',
            self::Gram => 'g',
            self::CubicCentimetre => 'cm³',
            self::Second => 's',
            self::Count => '',
        };
    }
}
