<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\SpinDown;

use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Verdict\Verdict;

/** How a wheel runs out. */
final readonly class SpinDownResult
{
    /**
     * @param  float  $speed turns a second, in the middle of the run
     * @param  float  $slowing turns a second lost each second
     * @param  float  $slowingPlusMinus twice its standard deviation
     * @param  string  $shape constant, grows_with_speed or not_told
     * @param  ?float  $ofBefore how many times as much as before
     * @param  ?float  $ofOther how many times as much as the other wheel, where the two are alike
     * @param  ?Torque  $torque what holds it, where the rim is known
     */
    public function __construct(
        public float $speed,
        public float $slowing,
        public float $slowingPlusMinus,
        public string $shape,
        public ?float $ofBefore,
        public ?float $ofOther,
        public ?Torque $torque,
        public Verdict $verdict,
    ) {
    }
}
