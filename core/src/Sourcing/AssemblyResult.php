<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Money;
use CleanRace\Core\Verdict\Verdict;

/**
 * Break-even is the price of the assembly at which both ways cost the same; null when the bearings are dearer even
 * against one that costs nothing.
 */
final readonly class AssemblyResult
{
    public function __construct(
        public Money $bearings,
        public Money $risk,
        public Money $assembly,
        public ?Money $breakEven,
        public Verdict $verdict,
    ) {
    }
}
