<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** What a support must measure, and which one serves. Null when two blocks have to do. */
final readonly class SupportChoiceResult
{
    public function __construct(
        public Length $openingLeast,
        public Length $openingMost,
        public Length $heightLeast,
        public ?string $best,
        public Verdict $verdict,
    ) {
    }
}
