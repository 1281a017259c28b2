<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Float;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** A wheel between fork legs: measured out, or tried in and read at the rim. */
final readonly class WheelCentreInput
{
    /** @param  list<WasherStock>  $washers */
    public function __construct(
        #[Field('Between the fork legs')] public ?Reading $fork = null,
        #[Field('Middle of the rim to the outer face, left')] public ?Reading $faceLeft = null,
        #[Field('Middle of the rim to the outer face, right')] public ?Reading $faceRight = null,
        #[Field('Move the rim to the right by', least: -50, most: 50)] public ?Length $offset = null,
        #[Field('Tried in: rim to leg, left', least: 0, by: Instrument::SteelRule)] public ?Reading $gapLeft = null,
        #[Field('Tried in: rim to leg, right', least: 0, by: Instrument::SteelRule)] public ?Reading $gapRight = null,
        #[Field('Spacer in it now, left', least: 0)] public ?Length $spacerLeft = null,
        #[Field('Spacer in it now, right', least: 0)] public ?Length $spacerRight = null,
        #[Field('Washers that lie there', of: WasherStock::class)] public array $washers = [],
    ) {
        $tried = $gapLeft !== null && $gapRight !== null && $spacerLeft !== null && $spacerRight !== null;
        $measured = $fork !== null && $faceLeft !== null && $faceRight !== null;
        if (! $tried && ! $measured) {
            throw InvalidInput::about(
                'fork_mm',
                'Give the fork and both faces; or the wheel tried in: both gaps and the spacers that are in it.',
            );
        }
    }
}
