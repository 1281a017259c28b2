<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

/** What the caliper was held to: the old bearing, or the places where it sat. */
enum MeasuredOn: string
{
    case Bearing = 'bearing';
    case Seats = 'seats';
}
