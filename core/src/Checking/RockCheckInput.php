<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Calculator\Field;
use CleanRace\Core\Measure\Nonsense;

/** The checks made on the machine, any of them missing. */
final readonly class RockCheckInput
{
    public function __construct(
        #[Field('Rocked at 3 and 9')] public ?Rock $rockThreeNine = null,
        #[Field('Rocked at 12 and 6')] public ?Rock $rockTwelveSix = null,
        #[Field('Spun, listening')] public ?Spin $spin = null,
        #[Field('The caliper')] public ?CaliperState $caliper = null,
        #[Field('The seals')] public ?SealLook $seals = null,
    ) {
        if (array_filter([$rockThreeNine, $rockTwelveSix, $spin, $seals]) === []) {
            throw Nonsense::about('spin', 'No check is made yet. Rock the wheel, or spin it and listen.');
        }
    }
}
