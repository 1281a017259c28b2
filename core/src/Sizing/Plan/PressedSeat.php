<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\FitResult;
use CleanRace\Core\Mechanics\Pressing\PressForceResult;
use CleanRace\Core\Mechanics\Warmth\HeatResult;
use CleanRace\Core\Patterns\Push;

/** One ring that is pressed where it sits, and what sizing found of its fit: null until there is enough to say it. */
final readonly class PressedSeat
{
    /** @param  string  $key left or right of a pair, or the part that sits there: its places in the notebook are named by it */
    public function __construct(
        public string $key,
        public Part $part,
        public RingSeat $seat,
        public Length $bore,
        public Length $outside,
        public Length $width,
        public bool $thin,
        public ?FitResult $fit = null,
        public ?HeatResult $heat = null,
        public ?PressForceResult $force = null,
    ) {
    }

    /** The ring whose fit is made. */
    public function push(): Push
    {
        return $this->seat === RingSeat::Bore ? Push::Outer : Push::Inner;
    }
}
