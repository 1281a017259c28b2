<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\TemperatureRise;
use CleanRace\Core\Verdict\Verdict;

/** Target is what the hub is to be warmed to: what the fit asks for, or the limit of what is near, whichever is lower. */
final readonly class HeatResult
{
    public function __construct(
        public TemperatureRise $rise,
        public Temperature $wanted,
        public Temperature $target,
        public Temperature $limit,
        public Length $freezerShrink,
        public Verdict $verdict,
    ) {
    }
}
