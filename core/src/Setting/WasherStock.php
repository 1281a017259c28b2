<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting;

use CleanRace\Core\Calculator\Field;
use CleanRace\Core\Measure\Length;

/** Washers of one thickness, as many as lie there. */
final readonly class WasherStock
{
    public function __construct(
        #[Field('Thickness', most: 30)] public Length $thickness,
        #[Field('How many', least: 1, most: 20)] public int $count = 1,
    ) {
    }
}
