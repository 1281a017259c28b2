<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Verdict;

/** The force shown, the one at which pressing ends whatever the reason, and how near it is. */
final readonly class ForceWatchResult
{
    public function __construct(public Force $force, public Force $stop, public Share $ofStop, public Verdict $verdict)
    {
    }
}
