<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** A size of bearing, and how many jobs it was fitted in. */
final readonly class FittedBefore
{
    public function __construct(
        #[Field('Number')] public string $number,
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Jobs', least: 0, most: 1_000_000)] public int $jobs = 1,
        #[Field('A thin-section bearing (68, 69)')] public bool $thin = false,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
    }
}
