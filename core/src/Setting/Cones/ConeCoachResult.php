<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Verdict;

/** Where the cone stands, where to set it next, and what its lock nut does. */
final readonly class ConeCoachResult
{
    /**
     * @param  ?Angle  $set mark to set before locking; null when it is done or nothing was tried
     * @param  ?Angle  $turn from the last mark to that, tighter is more
     * @param  ?Angle  $loosestTight loosest mark, as locked, that was felt to be tight
     * @param  ?Angle  $tightestLoose tightest mark, as locked, that was felt to be loose
     * @param  Angle  $shift what the lock nut moves the cone, as these tries tell it
     * @param  ?Length  $endPlay where the last try stands; less than none is preload
     * @param  ?Share  $sure that the last try is right
     * @param  int  $lockings so far
     * @param  ?int  $repeat which try, counted from 1, does not go with the others
     */
    public function __construct(
        public ?Angle $set,
        public ?Angle $turn,
        public ?Angle $loosestTight,
        public ?Angle $tightestLoose,
        public Angle $shift,
        public float $shiftOffDeg,
        public ?Length $endPlay,
        public Length $leaveAtRim,
        public ?Share $sure,
        public int $lockings,
        public ?int $repeat,
        public Verdict $verdict,
    ) {
    }
}
