<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

final readonly class SplitPinInput
{
    public function __construct(
        #[Field('Hole through the thread')] public Reading $hole,
        #[Field('Diameter of the thread', most: 100)] public ?Length $thread = null,
    ) {
    }
}
