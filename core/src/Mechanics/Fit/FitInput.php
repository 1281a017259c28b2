<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
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

    /** @param  list<WallLook>  $looks */
    public function __construct(
        #[Field('Outside diameter of the bearing, nominal')] public Length $outside,
        #[Field('Bore of the housing, measured')] public ?Reading $bore = null,
        #[Field('Outside diameter of the bearing, measured')] public ?Reading $outsideMeasured = null,
        #[Field('How it goes in, the hub cold')] public ?FitFeel $feel = null,
        #[Field('Fit the maker bores to, when nothing is measured')] public ?HoleClass $holeClass = null,
        #[Field('What the hub is made of')] public ?Material $material = null,
        #[Field('Temperature of the shop', least: -30, most: 50)] public ?Temperature $room = null,
        #[Field('Retaining compound rated for the gap will be used')] public bool $compound = false,
        #[Field('What the seat is meant to do')] public ?SeatMeant $meant = null,
        #[Field('Bore of the bearing')] public ?Length $ringBore = null,
        #[Field('Width of the bearing')] public ?Length $width = null,
        #[Field('Outside of the hub around the bearing')] public ?Length $hubOutside = null,
        #[Field('What the wall looks like', of: WallLook::class)] public array $looks = [],
        #[Field('Temperature of the hub when it was measured', least: -30, most: 150)] public ?Temperature $part = null,
        #[Field('Warmest it runs', least: -30, most: 150)] public ?Temperature $runsAt = null,
        #[Field('To what the ring was made')] public RingTolerance $made = RingTolerance::Normal,
    ) {
        foreach (['bore_mm' => $bore, 'outside_measured_mm' => $outsideMeasured] as $name => $reading) {
            if ($reading !== null && abs($reading->value->mm - $outside->mm) > self::BELONGS) {
                throw InvalidInput::about(
                    $name,
                    sprintf('%.2f mm does not belong to a bearing of %.2f mm outside. Check both.', $reading->value->mm, $outside->mm),
                );
            }
        }
        if ($ringBore !== null && $ringBore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller('ring_bore_mm');
        }
        if ($hubOutside !== null && $hubOutside->mm <= $outside->mm) {
            throw InvalidInput::about('hub_outside_mm', 'The hub must be larger outside than the bearing it holds.');
        }
    }

    /** The ring in its bore; where its bore or width is missing, the commonest of that outside. */
    public function joint(): Joint
    {
        return $this->ringBore === null || $this->width === null
            ? Joint::usual(RingSeat::Bore, $this->outside, $this->hubOutside, $this->material)
            : new Joint(RingSeat::Bore, $this->ringBore, $this->outside, $this->width, $this->hubOutside, material: $this->material);
    }
}
