<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Verdict\Verdict;

final readonly class RockCheckResult
{
    /** @param  list<Suspicion>  $suspects likeliest first */
    public function __construct(public Suspect $first, public bool $mayBeRidden, public array $suspects, public Verdict $verdict)
    {
    }
}
