<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** Zones of the ring's face, the tools from best to worst, and what to make when none fits. */
final readonly class DriverChoiceResult
{
    /** @param  list<DriverFit>  $tools */
    public function __construct(
        public ?string $best,
        public Length $outerZoneInside,
        public Length $innerZoneOutside,
        public Length $makeOutsideMost,
        public Length $makeOutsideLeast,
        public Length $makeOpeningLeast,
        public array $tools,
        public ToolToMake $make,
        public Verdict $verdict,
    ) {
    }
}
