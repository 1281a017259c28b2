<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\AxleEnds;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** How far a threaded axle stands out at both ends now, how it should, and what it stands in. */
final readonly class AxleEndsInput
{
    public function __construct(
        #[Field('Sticks out, left', least: 0)] public Reading $left,
        #[Field('Sticks out, right', least: 0)] public Reading $right,
        #[Field('Thread of the axle')] public string $thread = 'M10 × 1',
        #[Field('Stuck out before, left', least: 0)] public ?Length $beforeLeft = null,
        #[Field('Stuck out before, right', least: 0)] public ?Length $beforeRight = null,
        #[Field('Dropout, thickness')] public ?Length $dropout = null,
        #[Field('Held by a quick-release')] public bool $quickRelease = false,
    ) {
        if (($beforeLeft === null) !== ($beforeRight === null)) {
            throw InvalidInput::about('before_left_mm', 'Give what stuck out before on both sides, or on neither.');
        }
    }
}
