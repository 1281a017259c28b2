<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

/** The class makers grind a pressed shaft to (ISO 286). */
enum ShaftClass: string
{
    case K6 = 'k6';
    case J6 = 'j6';
}
