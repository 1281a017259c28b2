<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Measure\Length;

/** Where ring and seat lie, each as a band of deviation from the nominal size: what the drawing of a fit shows. Plus is larger. */
final readonly class FitBands
{
    public function __construct(
        public Length $nominal,
        public Length $ringLow,
        public Length $ringHigh,
        public Length $seatLow,
        public Length $seatHigh,
        public bool $ringMeasured,
        public bool $seatMeasured,
    ) {
    }
}
