<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Verdict\Verdict;

final readonly class BearingFromCaliperResult
{
    /** @param  list<CaliperCandidate>  $candidates likeliest first; when none fits, the nearest three */
    public function __construct(public ?string $number, public array $candidates, public Verdict $verdict)
    {
    }
}
