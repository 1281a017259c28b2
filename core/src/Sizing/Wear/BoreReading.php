<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** One diameter of a bore: how deep, in which clock direction, and what was read. */
final readonly class BoreReading
{
    public function __construct(
        #[Field('How deep')] public BoreDepth $depth,
        #[Field('Clock direction')] public Clock $clock,
        #[Field('Diameter')] public Reading $diameter,
    ) {
    }
}
