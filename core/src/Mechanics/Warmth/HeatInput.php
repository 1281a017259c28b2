<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Verdict\Field;

final readonly class HeatInput
{
    public function __construct(
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Interference', least: -0.5, most: 0.5)] public Length $interference,
        #[Field('What the hub is made of')] public Material $material = Material::Aluminium,
        #[Field('Temperature of the shop', least: -30, most: 50)] public ?Temperature $room = null,
        #[Field('What limits the heat')] public HubFinish $finish = HubFinish::Bare,
        #[Field('The bearing comes out of a freezer')] public bool $freezer = false,
    ) {
    }
}
