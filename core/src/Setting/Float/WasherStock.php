<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Float;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** Washers of one thickness, as many as lie there. */
final readonly class WasherStock
{
    public function __construct(
        #[Field('Thickness', most: 30)] public Length $thickness,
        #[Field('How many', least: 1, most: 20)] public int $count = 1,
    ) {
    }
}
