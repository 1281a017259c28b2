<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** End play, what it is in turn of the cone, and what the squeeze of a quick-release takes. */
final readonly class ConePlayResult
{
    /** @param  Length  $leaveAtRim play at the rim that is right on the bench */
    public function __construct(
        public Length $endPlay,
        public Angle $coneTurn,
        public float $flats,
        public float $minutes,
        public Length $shortening,
        public Angle $shorteningTurn,
        public Length $leaveAtRim,
        public Verdict $verdict,
    ) {
    }
}
