<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

/** The class makers grind a shaft to (ISO 286): k6 and j6 where it is pressed, h6 and g6 where it slides. */
enum ShaftClass: string
{
    case K6 = 'k6';
    case J6 = 'j6';
    case H6 = 'h6';
    case G6 = 'g6';
}
