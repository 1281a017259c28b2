<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** The old bearing by its number, the new one by its number and by the caliper. */
final readonly class MatchCheckInput
{
    public function __construct(
        #[Field('Number of the old bearing')] public string $oldNumber,
        #[Field('Number of the new bearing')] public string $newNumber,
        #[Field('Bore of the new one, measured')] public ?Reading $bore = null,
        #[Field('Outside diameter of the new one, measured')] public ?Reading $outside = null,
        #[Field('Width of the new one, measured')] public ?Reading $width = null,
    ) {
    }
}
