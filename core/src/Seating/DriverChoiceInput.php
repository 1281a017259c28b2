<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating;

use CleanRace\Core\Calculator\Field;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;

/** The bearing going into a bore by its outer ring, and what hangs on the wall. */
final readonly class DriverChoiceInput
{
    /** @param  list<ToolInput>  $tools */
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Tools', of: ToolInput::class)] public array $tools,
        #[Field('How deep the ring ends below the face', least: 0)] public ?Length $depth = null,
        #[Field('A thin-section bearing (68, 69)')] public bool $thin = false,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw Nonsense::boreNotSmaller();
        }
    }
}
