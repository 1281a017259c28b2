<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Length;

/** How a bearing stands in its bore: how deep below the face, how far out of square, and where it is proud. */
final readonly class Standing
{
    public function __construct(public Length $depth, public ?Angle $angle, public ?Clock $highSide)
    {
    }
}
