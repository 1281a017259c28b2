<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

/** What state the measured ring is in: wear and rust move what the caliper shows. */
enum RingState: string
{
    case Clean = 'clean';
    case Worn = 'worn';
    case Rusty = 'rusty';
}
