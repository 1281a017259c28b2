<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

/** What a hub belongs to: decides how it is made safe. */
enum MachineKind: string
{
    case Bicycle = 'bicycle';
    case Motorcycle = 'motorcycle';
    case Quad = 'quad';
    case Cart = 'cart';
    case Mower = 'mower';
    case Trailer = 'trailer';
    case Loose = 'loose';
}
