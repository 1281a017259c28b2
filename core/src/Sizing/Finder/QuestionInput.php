<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Finder;

use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Verdict\Field;

final readonly class QuestionInput
{
    public function __construct(
        #[Field('A number, sizes, a ball, a fit')] public string $text,
        #[Field('What a bare number is in')] public LengthUnit $unit = LengthUnit::Millimetre,
    ) {
    }
}
