<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

/** How makers bore a housing, as ISO 286 names it. */
enum HoleClass: string
{
    case H7 = 'H7';
    case J7 = 'J7';
    case K7 = 'K7';
    case M7 = 'M7';
    case N7 = 'N7';
    case P7 = 'P7';
}
