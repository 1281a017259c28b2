<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

final readonly class BallReading
{
    public function __construct(#[Field('Diameter', most: 30)] public Length $diameter)
    {
    }
}
