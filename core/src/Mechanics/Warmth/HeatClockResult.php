<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Measure\Duration;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Verdict\Verdict;

/** Needed is the temperature at which the fit has just let go. Left is null when there is no hurry, zero when it is too late. */
final readonly class HeatClockResult
{
    public function __construct(
        public Temperature $needed,
        public ?Duration $left,
        public Duration $timeConstant,
        public Verdict $verdict,
    ) {
    }
}
