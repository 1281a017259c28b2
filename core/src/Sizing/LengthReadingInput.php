<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Field;
use CleanRace\Core\Measure\LengthUnit;

final readonly class LengthReadingInput
{
    public function __construct(
        #[Field('What was typed')] public string $typed,
        #[Field('What a bare number is in')] public LengthUnit $unit = LengthUnit::Millimetre,
    ) {
    }
}
