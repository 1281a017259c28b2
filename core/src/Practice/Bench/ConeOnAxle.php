<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Cones\ConeFelt;
use CleanRace\Core\Setting\Cones\ConeHub;
use CleanRace\Core\Setting\Cones\ConeStage;
use CleanRace\Core\Setting\Cones\ConeTry;

/** A cone whose play is known: where it would have none, and how far its lock nuts turn it. */
final readonly class ConeOnAxle
{
    /**
     * @param  float  $zero mark at which play ends, in degrees
     * @param  float  $shift by which tightening the lock nut turns the cone, in degrees, tighter is more
     */
    public function __construct(
        private Chance $chance,
        private People $people,
        private ConeHub $hub,
        public float $zero,
        private float $shift,
    ) {
    }

    /** Degrees past no play at which the cone stands once it is locked at a mark; it moves a little otherwise each time. */
    public function locked(float $mark): float
    {
        return $mark + $this->shift + $this->chance->error($this->people->lock) - $this->zero;
    }

    /** @param  float  $stands degrees past no play */
    public function tried(
        float $mark,
        ConeStage $stage,
        float $stands,
        Instrument $by = Instrument::DigitalCaliper,
    ): ConeTry {
        $play = (-$stands / 360) * $this->hub->thread->pitch->mm;
        $feel = (new Hands($this->chance, $this->people))->cone($play);
        if ($feel !== ConeFelt::Play && $feel !== ConeFelt::Trace) {
            return new ConeTry(Angle::degrees($mark), $stage, $feel);
        }
        $half = $by === Instrument::DialGauge ? $this->people->rimByDial : $this->people->rimByCaliper;
        $rim = max(0.0, max(0.0, $play) * $this->hub->lever() + $this->chance->error($half / sqrt(3)));

        return new ConeTry(Angle::degrees($mark), $stage, $feel, Reading::mm(round($rim, 1), $by));
    }
}
