<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Field;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Tooling\DrawBolt;

/** An outer ring pressed into a hub. */
final readonly class PressForceInput
{
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Width of the bearing')] public Length $width,
        #[Field('Outside diameter of the hub around the bearing')] public Length $hubOutside,
        #[Field('Interference', least: -0.5, most: 0.5)] public Length $interference,
        #[Field('Interference, give or take', least: 0, most: 0.5)] public ?Length $interferencePlusMinus = null,
        #[Field('What the hub is made of')] public Material $material = Material::Aluminium,
        #[Field('Length that touches, when not the width less its corners')] public ?Length $contactLength = null,
        #[Field('Oiled')] public bool $oiled = true,
        #[Field('What the press can do', least: 1)] public ?Force $pressCapacity = null,
        #[Field('Draw bolt')] public DrawBolt $drawBolt = DrawBolt::M12,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw Nonsense::boreNotSmaller();
        }
        if ($hubOutside->mm <= $outside->mm) {
            throw Nonsense::about('hub_outside_mm', 'The hub must be larger outside than the bearing it holds.');
        }
        if ($contactLength !== null && $contactLength->mm > $width->mm) {
            throw Nonsense::about('contact_length_mm', 'No more can touch than the bearing is wide.');
        }
    }
}
