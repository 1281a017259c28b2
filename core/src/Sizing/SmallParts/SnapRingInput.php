<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** The bore or shaft that a snap ring sits in or on, and its groove when measured. */
final readonly class SnapRingInput
{
    public function __construct(
        #[Field('Diameter of the bore, or of the shaft')] public Reading $diameter,
        #[Field('It sits')] public RingSeat $seat = RingSeat::Bore,
        #[Field('Diameter of the groove')] public ?Reading $groove = null,
        #[Field('Thickness of the old ring')] public ?Reading $thickness = null,
    ) {
    }
}
