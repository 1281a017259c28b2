<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Field;
use CleanRace\Core\Measure\Length;

final readonly class BallReading
{
    public function __construct(#[Field('Diameter', most: 30)] public Length $diameter)
    {
    }
}
