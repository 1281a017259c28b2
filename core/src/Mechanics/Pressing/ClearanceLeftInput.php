<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Verdict\Field;

final readonly class ClearanceLeftInput
{
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Pressure on the outer ring', least: 0, most: 200)] public ?Pressure $pressure = null,
        #[Field('Clearance class')] public ClearanceClass $class = ClearanceClass::CN,
        #[Field('Pressure in the inner ring', least: 0, most: 200)] public ?Pressure $shaftPressure = null,
        #[Field('Pressure, give or take', least: 0, most: 200)] public ?Pressure $pressurePlusMinus = null,
        #[Field('Runs in a fast blade spindle')] public bool $blade = false,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
        if ($pressure === null && $shaftPressure === null) {
            throw InvalidInput::about('pressure_mpa', 'Missing: the pressure in the joint, from the force calculator.');
        }
    }
}
