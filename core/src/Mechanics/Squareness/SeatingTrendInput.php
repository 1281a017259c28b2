<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** Rounds of depths in the order in which they were taken. */
final readonly class SeatingTrendInput
{
    /** @param  list<DepthRound>  $rounds */
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Rounds', of: DepthRound::class)] public array $rounds,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
    }
}
