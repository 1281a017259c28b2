<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Verdict\Verdict;

/** What readings of a small part mean. */
final readonly class PartFound
{
    /**
     * @param  ?string  $found name and sizes when one is sure
     * @param  list<PartCandidate>  $candidates likeliest first; when none fits, the nearest three
     */
    public function __construct(public ?string $found, public array $candidates, public Verdict $verdict)
    {
    }
}
