<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

final readonly class ClearanceLeftResult
{
    public function __construct(
        public Length $taken,
        public Length $leftLeast,
        public Length $leftMean,
        public Length $leftMost,
        public Verdict $verdict,
    ) {
    }
}
