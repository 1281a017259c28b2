<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Float;

use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** The room on the axle, what stands in it, and the washers that lie there. */
final readonly class FloatInput
{
    /** @param  list<WasherStock>  $washers */
    public function __construct(
        #[Field('Room between the retainers')] public Reading $space,
        #[Field('Wheel, width over its bearings')] public Reading $wheel,
        #[Field('Washers in it now, together', least: 0)] public ?Reading $fitted = null,
        #[Field('Washers that lie there', of: WasherStock::class)] public array $washers = [],
        #[Field('There is a thrust washer on both sides')] public bool $bothSides = true,
    ) {
    }
}
