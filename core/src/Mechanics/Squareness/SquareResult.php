<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/**
 * Null where only the eye judged. The high side is where the ring stands least deep: tap there. None is named when
 * the tilt is no more than the readings can tell.
 */
final readonly class SquareResult
{
    public function __construct(
        public ?Length $meanDepth,
        public ?Length $tilt,
        public ?Length $tiltPlusMinus,
        public ?Angle $angle,
        public ?Angle $anglePlusMinus,
        public ?Clock $highSide,
        public Verdict $verdict,
    ) {
    }
}
