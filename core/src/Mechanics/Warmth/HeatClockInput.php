<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Verdict\Field;

/** A hub that was warmed and stands in the shop. */
final readonly class HeatClockInput
{
    public function __construct(
        #[Field('Hub now', least: -30, most: 300)] public Temperature $hub,
        #[Field('Temperature of the shop', least: -30, most: 50)] public Temperature $room,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Interference', least: -0.5, most: 0.5)] public Length $interference,
        #[Field('How heavy it is')] public HubMass $mass = HubMass::Medium,
        #[Field('What the hub is made of')] public Material $material = Material::Aluminium,
    ) {
        if ($hub->celsius < $room->celsius) {
            throw InvalidInput::about('hub_c', 'A hub colder than the shop does not cool down. Read it again.');
        }
    }
}
