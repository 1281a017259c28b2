<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** The groove that an O-ring lies in, on a shaft or an end cap. */
final readonly class ORingInput
{
    public function __construct(
        #[Field('Bottom of the groove, diameter')] public Reading $groove,
        #[Field('Old ring, or groove depth and a sixth')] public ?Reading $section = null,
    ) {
    }
}
