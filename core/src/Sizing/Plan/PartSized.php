<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Sizing\SmallParts\PartCandidate;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

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
    public static function of(
        string $part,
        Message|Written|null $askFor,
        ?string $article = null,
        array $candidates = [],
        ?Verdict ...$verdicts,
    ): self {
        return new self(
            new PartFinding($part, $askFor, $article ?? ($askFor === null ? null : Message::plain($askFor)->inEnglish()), $candidates),
            array_values(array_filter($verdicts)),
        );
    }
}
