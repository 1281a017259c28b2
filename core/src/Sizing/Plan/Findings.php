<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Hub\Side;
use CleanRace\Core\Mechanics\Fit\FitResult;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeftResult;
use CleanRace\Core\Mechanics\Pressing\PressForceResult;
use CleanRace\Core\Mechanics\Warmth\HeatResult;
use CleanRace\Core\Patterns\HubSizes;

/** What the sizing station found out, for the stations after it. Per side, null until there is enough to say it. */
final readonly class Findings
{
    /**
     * @param  array<string, ?FitResult>  $fits by side
     * @param  array<string, ?HeatResult>  $heats by side
     * @param  array<string, ?PressForceResult>  $forces by side
     */
    public function __construct(
        public HubSizes $sizes,
        public array $fits,
        public array $heats,
        public array $forces,
        public ?ClearanceLeftResult $clearance,
    ) {
    }

    /** The fit on that side; null while too little is known. */
    public function fit(Side $side): ?FitResult
    {
        return $this->fits[$side->value] ?? null;
    }

    /** How warm the hub is to be for that side; null while too little is known. */
    public function heat(Side $side): ?HeatResult
    {
        return $this->heats[$side->value] ?? null;
    }

    /** What pressing takes on that side; null while the wall is not known. */
    public function force(Side $side): ?PressForceResult
    {
        return $this->forces[$side->value] ?? null;
    }
}
