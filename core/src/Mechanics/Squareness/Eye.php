<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

/** How a ring looks against the face of the hub. */
enum Eye: string
{
    case Level = 'level';
    case Proud = 'proud';
    case Cocked = 'cocked';
}
