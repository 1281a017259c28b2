<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Finder;

use CleanRace\Core\Verdict\Verdict;

final readonly class QuestionResult
{
    /** @param  list<Interpretation>  $readings the likeliest first */
    public function __construct(public array $readings, public Verdict $verdict)
    {
    }
}
