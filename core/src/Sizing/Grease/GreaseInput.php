<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Grease;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Verdict\Field;

/** A bearing, how its hub is used and fed, and the cavity between the bearings when a nipple feeds it. */
final readonly class GreaseInput
{
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Width of the bearing')] public Length $width,
        #[Field('The hub is')] public HubUse $use = HubUse::FastWheel,
        #[Field('Runs in the wet')] public bool $wet = false,
        #[Field('Grease nipple')] public NippleUse $nipple = NippleUse::None,
        #[Field('Seals on the bearing, 0 to 2', least: 0, most: 2)] public int $seals = 2,
        #[Field('The hub has seals of its own')] public bool $hubSeals = false,
        #[Field('Shop packs sealed bearings fuller')] public bool $opensSealed = false,
        #[Field('Coldest it runs', least: -60, most: 40)] public ?Temperature $coldest = null,
        #[Field('Cavity between the bearings: inside of the hub')] public ?Length $cavityOutside = null,
        #[Field('Cavity: outside of the shaft or spacer tube')] public ?Length $cavityInside = null,
        #[Field('Cavity: length')] public ?Length $cavityLength = null,
        #[Field('Grease that was in it')] public ?Thickener $old = null,
        #[Field('Grease going in')] public ?Thickener $new = null,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
        if ($cavityOutside !== null && $cavityInside !== null && $cavityInside->mm >= $cavityOutside->mm) {
            throw InvalidInput::about('cavity_inside_mm', 'The shaft in the cavity must be smaller than the hub around it.');
        }
    }
}
