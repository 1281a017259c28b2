<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Conversion;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** The seats that the cups left, the axle, and how deep a bearing may sit. */
final readonly class ConversionInput
{
    public function __construct(
        #[Field('Seat of the cup, left')] public Reading $seatLeft,
        #[Field('Seat of the cup, right')] public Reading $seatRight,
        #[Field('Axle')] public Length $axle,
        #[Field('Depth of the seats', by: Instrument::DepthCaliper)] public ?Reading $depth = null,
        #[Field('Between the shoulders')] public ?Reading $span = null,
        #[Field('Bearing that was chosen')] public ?string $chosen = null,
    ) {
    }
}
