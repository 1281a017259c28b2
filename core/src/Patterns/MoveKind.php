<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

/** What a milestone of a take-down is. */
enum MoveKind: string
{
    case Safe = 'safe';
    case Off = 'off';
    case Axle = 'axle';
    case Seals = 'seals';
    case Rings = 'rings';
    case Bearing = 'bearing';
    case Sleeve = 'sleeve';
    case Say = 'say';
    case Look = 'look';
}
