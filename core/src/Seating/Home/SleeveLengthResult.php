<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** Gap is positive when the sleeve is longer than the span. Allowed is how much shorter it may be. */
final readonly class SleeveLengthResult
{
    public function __construct(public Length $gap, public Length $allowedShort, public Verdict $verdict)
    {
    }
}
