<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** The unit a person types bare numbers in. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';
}
