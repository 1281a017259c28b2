<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
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

    /** @param  list<WallLook>  $looks */
    public function __construct(
        #[Field('Bore of the bearing, nominal')] public Length $bore,
        #[Field('Diameter of the shaft, measured', by: Instrument::Micrometer)] public ?Reading $shaft = null,
        #[Field('Bore of the bearing, measured')] public ?Reading $boreMeasured = null,
        #[Field('How it goes on')] public ?FitFeel $feel = null,
        #[Field('Fit the maker grinds to, when nothing is measured')] public ?ShaftClass $shaftClass = null,
        #[Field('What the shaft is made of')] public Material $material = Material::Steel,
        #[Field('Temperature of the shop', least: -30, most: 50)] public ?Temperature $room = null,
        #[Field('Retaining compound rated for the gap will be used')] public bool $compound = false,
        #[Field('What the seat is meant to do')] public ?SeatMeant $meant = null,
        #[Field('Outside diameter of the bearing')] public ?Length $outside = null,
        #[Field('Width of the bearing')] public ?Length $width = null,
        #[Field('Hole through the shaft', least: 0)] public ?Length $shaftHole = null,
        #[Field('What the wall looks like', of: WallLook::class)] public array $looks = [],
        #[Field('Temperature of the shaft when it was measured', least: -30, most: 150)] public ?Temperature $part = null,
        #[Field('To what the ring was made')] public RingTolerance $made = RingTolerance::Normal,
    ) {
        foreach (['shaft_mm' => $shaft, 'bore_measured_mm' => $boreMeasured] as $name => $reading) {
            if ($reading !== null && abs($reading->value->mm - $bore->mm) > self::BELONGS) {
                throw InvalidInput::about(
                    $name,
                    sprintf('%.2f mm does not belong to a bearing of %.2f mm bore. Check both.', $reading->value->mm, $bore->mm),
                );
            }
        }
        if ($outside !== null && $outside->mm <= $bore->mm) {
            throw InvalidInput::boreNotSmaller();
        }
        if ($shaftHole !== null && $shaftHole->mm >= $bore->mm) {
            throw InvalidInput::about('shaft_hole_mm', 'The hole through the shaft must be smaller than the shaft.');
        }
    }

    /** The ring on its shaft; where its outside or width is missing, the commonest of that bore. */
    public function joint(): Joint
    {
        $usual = Joint::usual(RingSeat::Shaft, $this->bore);

        return new Joint(
            RingSeat::Shaft,
            $this->bore,
            $this->outside ?? $usual->outside,
            $this->width ?? $usual->width,
            hole: $this->shaftHole,
            material: $this->material,
            ringKnown: $this->outside !== null && $this->width !== null,
        );
    }
}
