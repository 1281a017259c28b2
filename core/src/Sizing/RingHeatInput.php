<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Field;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;

final readonly class RingHeatInput
{
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Interference', least: -0.5, most: 0.5)] public Length $interference,
        #[Field('The bearing has seals')] public bool $sealed = true,
        #[Field('Temperature of the shop', least: -30, most: 50)] public ?Temperature $room = null,
    ) {
    }
}
