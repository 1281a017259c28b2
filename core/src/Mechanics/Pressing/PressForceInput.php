<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Field;

/** A ring pressed into a hub or on a shaft. */
final readonly class PressForceInput
{
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Width of the bearing')] public Length $width,
        #[Field('Interference', least: -0.5, most: 0.5)] public Length $interference,
        #[Field('Outside diameter of the hub around the bearing')] public ?Length $hubOutside = null,
        #[Field('Interference, give or take', least: 0, most: 0.5)] public ?Length $interferencePlusMinus = null,
        #[Field('What the hub, or the shaft, is made of')] public ?Material $material = null,
        #[Field('Length that touches, when not the width less its corners')] public ?Length $contactLength = null,
        #[Field('Oiled')] public bool $oiled = true,
        #[Field('What the press can do', least: 1)] public ?Force $pressCapacity = null,
        #[Field('Draw bolt')] public DrawBolt $drawBolt = DrawBolt::M12,
        #[Field('The ring sits')] public RingSeat $seat = RingSeat::Bore,
        #[Field('Hole through the shaft', least: 0)] public ?Length $shaftHole = null,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
        if ($seat === RingSeat::Bore && $hubOutside === null) {
            throw InvalidInput::about('hub_outside_mm', 'Missing: outside diameter of the hub around the bearing.');
        }
        if ($seat === RingSeat::Bore && $hubOutside->mm <= $outside->mm) {
            throw InvalidInput::about('hub_outside_mm', 'The hub must be larger outside than the bearing it holds.');
        }
        if ($shaftHole !== null && $shaftHole->mm >= $bore->mm) {
            throw InvalidInput::about('shaft_hole_mm', 'The hole through the shaft must be smaller than the shaft.');
        }
        if ($contactLength !== null && $contactLength->mm > $width->mm) {
            throw InvalidInput::about('contact_length_mm', 'No more can touch than the bearing is wide.');
        }
    }

    /** Of the hub or the shaft: aluminium hubs and steel shafts unless it is said otherwise. */
    public function body(): Material
    {
        return $this->material ?? ($this->seat === RingSeat::Bore ? Material::Aluminium : Material::Steel);
    }

    /** Ring and seat as tubes. */
    public function joint(): Joint
    {
        return new Joint(
            $this->seat,
            $this->bore,
            $this->outside,
            $this->width,
            $this->hubOutside,
            $this->shaftHole,
            $this->body(),
            $this->contactLength,
        );
    }
}
