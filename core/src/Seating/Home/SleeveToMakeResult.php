<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The finished sleeve, what it is cut to before it is filed square, and the tube to make it from. */
final readonly class SleeveToMakeResult
{
    public function __construct(
        public Length $span,
        public Length $length,
        public Length $cut,
        public Length $boreLeast,
        public Length $boreMost,
        public Length $outsideMost,
        public Message|string|null $tube,
        public Verdict $verdict,
    ) {
    }
}
