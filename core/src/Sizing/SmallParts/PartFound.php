<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/** What readings of a small part mean. */
final readonly class PartFound
{
    /**
     * @param  ?string  $found name or sizes when one is sure, as a price list has them
     * @param  list<PartCandidate>  $candidates likeliest first; when none fits, the nearest three
     * @param  Message|Written|null  $askFor what is found, in words
     */
    private function __construct(
        public ?string $found,
        public array $candidates,
        public Verdict $verdict,
        public Message|Written|null $askFor,
    ) {
    }

    /**
     * @param  Message|Written|null  $found name or sizes when one is sure
     * @param  list<PartCandidate>  $candidates
     */
    public static function of(Message|Written|null $found, array $candidates, Verdict $verdict): self
    {
        return new self($found === null ? null : Message::plain($found)->inEnglish(), $candidates, $verdict, $found);
    }
}
