<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Sizing\SmallParts\PartCandidate;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** What is known of one part that is to be bought: in the words of a counter, and what its readings may mean. */
final readonly class PartFinding
{
    /**
     * @param  Message|Written|null  $askFor null while it is not known well enough
     * @param  ?string  $article as a price list names it
     * @param  list<PartCandidate>  $candidates the likeliest first
     */
    public function __construct(
        public string $part,
        public Message|Written|null $askFor,
        public ?string $article,
        public array $candidates,
    ) {
    }
}
