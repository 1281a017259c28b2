<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Verdict\Verdict;

/** Low and high come from the interference, give or take. Stop is the figure at which pressing ends whatever the gauge says;
 * removal is what a corroded one may take to come out, which forbids nothing but speaks for warmth and a puller. */
final readonly class PressForceResult
{
    public function __construct(
        public Pressure $pressure,
        public Pressure $hoopStress,
        public Force $force,
        public Force $forceLow,
        public Force $forceHigh,
        public Force $stop,
        public Force $removal,
        public ?Share $shareOfPress,
        public Torque $drawBoltTorque,
        public Verdict $verdict,
    ) {
    }

    /** How far the pressure may be off, as far as the interference is. */
    public function pressurePlusMinus(): Pressure
    {
        return Pressure::megapascals(
            $this->force->newtons > 0 ? $this->pressure->megapascals * ($this->forceHigh->newtons / $this->force->newtons - 1) : 0,
        );
    }
}
