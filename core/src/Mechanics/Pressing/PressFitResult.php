<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\FitResult;
use CleanRace\Core\Mechanics\Warmth\HeatResult;
use CleanRace\Core\Verdict\Verdict;

/**
 * Of a loose fit nothing follows: heat, force and clearance are null. Force and clearance also where the wall of the hub
 * is not known, or the standard does not reach. The verdict is that of the fit, worsened by what follows from it.
 */
final readonly class PressFitResult
{
    public function __construct(
        public string $number,
        public Length $bore,
        public Length $outside,
        public Length $width,
        public FitResult $fit,
        public ?HeatResult $heat,
        public ?PressForceResult $force,
        public ?ClearanceLeftResult $clearance,
        public Verdict $verdict,
    ) {
    }
}
