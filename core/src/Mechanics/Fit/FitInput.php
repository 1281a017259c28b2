<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Verdict\Field;

/** A ring that must grip in a bore: what is measured of it, and what the hands felt. */
final readonly class FitInput
{
    /** A reading this far from the nominal is of something else, in mm. */
    private const BELONGS = 2.0;

    public function __construct(
        #[Field('Outside diameter of the bearing, nominal')] public Length $outside,
        #[Field('Bore of the housing, measured')] public ?Reading $bore = null,
        #[Field('Outside diameter of the bearing, measured')] public ?Reading $outsideMeasured = null,
        #[Field('How it goes in')] public ?FitFeel $feel = null,
        #[Field('Fit the maker bores to, when nothing is measured')] public HoleClass $holeClass = HoleClass::N7,
        #[Field('What the hub is made of')] public Material $material = Material::Aluminium,
        #[Field('Temperature of the shop', least: -30, most: 50)] public ?Temperature $room = null,
        #[Field('Retaining compound rated for the gap will be used')] public bool $compound = false,
    ) {
        foreach (['bore_mm' => $bore, 'outside_measured_mm' => $outsideMeasured] as $name => $reading) {
            if ($reading !== null && abs($reading->value->mm - $outside->mm) > self::BELONGS) {
                throw InvalidInput::about(
                    $name,
                    sprintf('%.2f mm does not belong to a bearing of %.2f mm outside. Check both.', $reading->value->mm, $outside->mm),
                );
            }
        }
    }
}
