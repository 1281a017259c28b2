<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Verdict\Field;

/** An inner ring that must grip its shaft: what is measured of it, and what the hands felt. */
final readonly class ShaftFitInput
{
    /** A reading this far from the nominal is of something else, in mm. */
    private const BELONGS = 2.0;

    public function __construct(
        #[Field('Bore of the bearing, nominal')] public Length $bore,
        #[Field('Diameter of the shaft, measured', by: Instrument::Micrometer)] public ?Reading $shaft = null,
        #[Field('Bore of the bearing, measured')] public ?Reading $boreMeasured = null,
        #[Field('How it goes on')] public ?FitFeel $feel = null,
        #[Field('Fit the maker grinds to, when nothing is measured')] public ShaftClass $shaftClass = ShaftClass::K6,
        #[Field('What the shaft is made of')] public Material $material = Material::Steel,
        #[Field('Temperature of the shop', least: -30, most: 50)] public ?Temperature $room = null,
        #[Field('Retaining compound rated for the gap will be used')] public bool $compound = false,
    ) {
        foreach (['shaft_mm' => $shaft, 'bore_measured_mm' => $boreMeasured] as $name => $reading) {
            if ($reading !== null && abs($reading->value->mm - $bore->mm) > self::BELONGS) {
                throw InvalidInput::about(
                    $name,
                    sprintf('%.2f mm does not belong to a bearing of %.2f mm bore. Check both.', $reading->value->mm, $bore->mm),
                );
            }
        }
    }
}
