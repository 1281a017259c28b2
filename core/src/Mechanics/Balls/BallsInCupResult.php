<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Balls;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** How many go in, how many are taken, and what stays free round the circle. */
final readonly class BallsInCupResult
{
    /**
     * @param  int  $fit balls that go in side by side
     * @param  int  $take balls to lay in
     * @param  Length  $freeWhenFull arc left over with all that fit
     * @param  Length  $free arc left over with those taken
     * @param  Angle  $each that one ball takes of the circle
     */
    public function __construct(
        public int $fit,
        public int $take,
        public Length $freeWhenFull,
        public Length $free,
        public Angle $each,
        public Verdict $verdict,
    ) {
    }
}
