<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Verdict\Verdict;

/** Null is not known: at least one of the numbers is not in the table. */
final readonly class TaperSetResult
{
    /**
     * @param  list<string>  $cups that go with this cone
     * @param  list<string>  $cones that go with this cup
     */
    public function __construct(
        public ?bool $belongs,
        public ?string $set,
        public array $cups,
        public array $cones,
        public Verdict $verdict,
    ) {
    }
}
