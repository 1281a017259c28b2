<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** Any of the three sizes, some missing: of the bearing, or of shaft, housing bore and depth of the seat when the bearing is gone. */
final readonly class BearingFromCaliperInput
{
    public function __construct(
        #[Field('Bore')] public ?Reading $bore = null,
        #[Field('Outside diameter')] public ?Reading $outside = null,
        #[Field('Width')] public ?Reading $width = null,
        #[Field('State of the rings')] public RingState $state = RingState::Clean,
        #[Field('Measured on')] public MeasuredOn $on = MeasuredOn::Bearing,
    ) {
        if ($bore === null && $outside === null && $width === null) {
            throw InvalidInput::about('bore_mm', 'Nothing is measured yet. Give at least the bore or the outside diameter.');
        }
        if ($bore !== null && $outside !== null && $bore->value->mm >= $outside->value->mm) {
            throw InvalidInput::boreNotSmaller();
        }
    }
}
