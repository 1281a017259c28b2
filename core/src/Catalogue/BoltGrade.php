<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

/** How strong a screw is, by the mark on its head (ISO 898-1, ISO 3506-1, SAE J429). */
enum BoltGrade: string
{
    case G46 = '4.6';
    case G58 = '5.8';
    case G88 = '8.8';
    case G109 = '10.9';
    case G129 = '12.9';
    case Stainless70 = 'A2-70';
    case Inch5 = 'SAE 5';
    case Inch8 = 'SAE 8';

    /** MPa that it takes without a lasting stretch. */
    public function proof(): float
    {
        return match ($this) {
            self::G46 => 225.0,
            self::G58 => 380.0,
            self::G88 => 580.0,
            self::G109 => 830.0,
            self::G129 => 970.0,
            self::Stainless70 => 450.0,
            self::Inch5 => 586.0,
            self::Inch8 => 827.0,
        };
    }
}
