<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Length;

/** One diameter of a wall and how far it is from the mean: plus is larger. */
final readonly class WallPatch
{
    public function __construct(public BoreDepth $depth, public Clock $clock, public Length $diameter, public Length $off)
    {
    }
}
