<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Sound\TurningRing;

/** What a simulated contact microphone is held to: the wheel as it truly is, who spins and taps, and what else makes a noise. */
final readonly class Scene
{
    /**
     * @param  float  $size of the fault: about 4 is light, 10 medium, 25 heavy; of dryness 1 to 6
     * @param  bool  $far whether the microphone sits on the other side
     * @param  float  $rub how hard something rubs once a turn; nought when nothing does
     * @param  float  $tick how hard something ticks once a turn
     * @param  int  $pawls clicks of a freehub in a turn; nought when it has none, or holds still
     * @param  float  $speed turns/s when it is let go
     * @param  float  $seconds of all
     * @param  float  $scatter of the taps, s
     * @param  list<Nuisance>  $nuisances
     * @param  int  $rate of recording, a second
     * @param  float  $hiss how loud the recorder's own noise is; one is a quiet one
     */
    public function __construct(
        public BallSet $balls,
        public TurningRing $turning,
        public Fault $fault = Fault::None,
        public float $size = 10.0,
        public bool $far = false,
        public float $rub = 0.0,
        public float $tick = 0.0,
        public int $pawls = 0,
        public float $speed = 2.6,
        public float $seconds = 19.0,
        public float $scatter = 0.03,
        public array $nuisances = [],
        public int $rate = 16_000,
        public float $hiss = 1.0,
    ) {
    }

    public function has(Nuisance $nuisance): bool
    {
        return in_array($nuisance, $this->nuisances, true);
    }
}
