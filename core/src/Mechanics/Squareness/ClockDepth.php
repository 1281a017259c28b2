<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** Depth from the hub face down to the ring, in one clock direction. */
final readonly class ClockDepth
{
    public function __construct(
        #[Field('Clock direction')] public Clock $clock,
        #[Field('Depth from the hub face to the ring', least: -50, by: Instrument::DepthCaliper)] public Reading $depth,
    ) {
    }
}
