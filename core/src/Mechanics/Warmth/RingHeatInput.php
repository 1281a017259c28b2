<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Verdict\Field;

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
