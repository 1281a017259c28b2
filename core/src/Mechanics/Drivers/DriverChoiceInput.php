<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** A bearing, what is to be done to it, and what hangs on the wall. */
final readonly class DriverChoiceInput
{
    /** @param  list<ToolInput>  $tools */
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Tools', of: ToolInput::class)] public array $tools,
        #[Field('How deep the ring ends below the face, or down the shaft', least: 0)] public ?Length $depth = null,
        #[Field('A thin-section bearing (68, 69)')] public bool $thin = false,
        #[Field('What it is to do')] public DriverWay $way = DriverWay::IntoBore,
        #[Field('Bore of the shoulder it comes out through')] public ?Length $ledge = null,
        #[Field('Axle that stands through it already')] public ?Length $axle = null,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
        if ($ledge !== null && ($ledge->mm <= $bore->mm || $ledge->mm >= $outside->mm)) {
            throw InvalidInput::about('ledge_mm', 'The bore of the shoulder lies between the bore and the outside of the bearing.');
        }
    }
}
