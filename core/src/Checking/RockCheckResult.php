<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Verdict;

/** Which part is suspect, how soon it must be put right, and which of two bearings. */
final readonly class RockCheckResult
{
    /**
     * @param  ?bool  $mayBeRidden null before it was rocked and spun
     * @param  Share  $left how much of the suspicion on the bearings lies on the left one
     * @param  list<Suspicion>  $suspects likeliest first
     */
    public function __construct(
        public Suspect $first,
        public ?bool $mayBeRidden,
        public Urgency $urgency,
        public Share $left,
        public array $suspects,
        public Verdict $verdict,
    ) {
    }
}
