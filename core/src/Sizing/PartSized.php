<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Verdict\Verdict;

/** A finding about a part with the judgements that led to it. */
final readonly class PartSized
{
    /** @param  list<Verdict>  $verdicts */
    private function __construct(public PartFinding $finding, public array $verdicts)
    {
    }

    /**
     * @param  ?string  $article as a price list names it, when that is not as a counter understands it
     * @param  list<PartCandidate>  $candidates
     */
    public static function of(string $part, ?string $askFor, ?string $article = null, array $candidates = [], ?Verdict ...$verdicts): self
    {
        return new self(new PartFinding($part, $askFor, $article ?? $askFor, $candidates), array_values(array_filter($verdicts)));
    }
}
