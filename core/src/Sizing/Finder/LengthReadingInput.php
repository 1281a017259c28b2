<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Finder;

use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Verdict\Field;

final readonly class LengthReadingInput
{
    public function __construct(
        #[Field('What was typed')] public string $typed,
        #[Field('What a bare number is in')] public LengthUnit $unit = LengthUnit::Millimetre,
    ) {
    }
}
