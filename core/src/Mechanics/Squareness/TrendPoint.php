<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Level;

/** How the ring stood in one round. */
final readonly class TrendPoint
{
    public function __construct(
        public Length $depth,
        public Length $tilt,
        public Angle $angle,
        public ?Clock $highSide,
        public Level $level,
    ) {
    }
}
