<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\AxleEnds;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** How far the axle is moved, towards the right when more than zero, and how many turns that is. */
final readonly class AxleEndsResult
{
    public function __construct(
        public Length $move,
        public float $turns,
        public Length $wantLeft,
        public Length $wantRight,
        public Verdict $verdict,
    ) {
    }
}
