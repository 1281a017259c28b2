<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Field;

final readonly class BearingNumberInput
{
    public function __construct(#[Field('What is stamped on the ring')] public string $number)
    {
    }
}
