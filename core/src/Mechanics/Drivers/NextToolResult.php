<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Verdict;

/** How much of the work the wall covers, what it does not, and what would help most. */
final readonly class NextToolResult
{
    /**
     * @param  list<string>  $uncovered numbers no driver serves, the commonest first
     * @param  list<ToolOffer>  $offers the one that serves most jobs first
     */
    public function __construct(public Share $covered, public array $uncovered, public array $offers, public Verdict $verdict)
    {
    }
}
