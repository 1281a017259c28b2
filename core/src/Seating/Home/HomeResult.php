<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** To go is how far the ring still stands off its ledge; less than zero when it reads deeper than the ledge allows. */
final readonly class HomeResult
{
    public function __construct(
        public ?Length $expectedDepth,
        public ?Length $toGo,
        public ?Length $grooveClear,
        public Verdict $verdict,
    ) {
    }
}
