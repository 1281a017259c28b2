<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** A hub with two ledges: both outer rings stop on their own, the sleeve has to match the span. */
final readonly class SleeveLengthInput
{
    /** @param  list<PairFeel>  $feel */
    public function __construct(
        #[Field('Span between the shoulders')] public Reading $span,
        #[Field('Length of the spacer tube')] public Reading $sleeveLength,
        #[Field('Bore of the bearings')] public Length $bore,
        #[Field('Outside diameter of the bearings')] public Length $outside,
        #[Field('Radial clearance left after pressing', least: 0, most: 0.1)] public Length $clearanceLeft,
        #[Field('How the pair feels', of: PairFeel::class)] public array $feel = [],
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
    }
}
