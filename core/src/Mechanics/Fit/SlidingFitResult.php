<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** Interference is negative when the axle is smaller than the bore, as it should be. */
final readonly class SlidingFitResult
{
    public function __construct(public Length $interference, public Verdict $verdict)
    {
    }
}
