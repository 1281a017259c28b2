<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Verdict\Verdict;

final readonly class MatchCheckResult
{
    /** @param  list<Difference>  $compared */
    public function __construct(public array $compared, public Verdict $verdict)
    {
    }
}
