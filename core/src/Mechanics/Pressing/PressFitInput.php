<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\RingTolerance;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Mechanics\Warmth\HubFinish;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Field;

/** A bearing, what it is pressed into or onto, and what is known of both. What is missing is taken as such hubs usually are, and said. */
final readonly class PressFitInput
{
    /** @param  list<WallLook>  $looks */
    public function __construct(
        #[Field('Number of the bearing')] public ?string $number = null,
        #[Field('Bore of the bearing')] public ?Length $bore = null,
        #[Field('Outside diameter of the bearing')] public ?Length $outside = null,
        #[Field('Width of the bearing')] public ?Length $width = null,
        #[Field('The ring sits')] public RingSeat $seat = RingSeat::Bore,
        #[Field('Bore, or shaft, measured')] public ?Reading $measured = null,
        #[Field('Ring, measured')] public ?Reading $ring = null,
        #[Field('How it goes in')] public ?FitFeel $feel = null,
        #[Field('Outside of the hub around the bearing')] public ?Length $hubOutside = null,
        #[Field('Hole through the shaft', least: 0)] public ?Length $shaftHole = null,
        #[Field('What the hub, or the shaft, is made of')] public ?Material $material = null,
        #[Field('What limits the heat')] public HubFinish $finish = HubFinish::Paint,
        #[Field('Temperature of the shop', least: -30, most: 50)] public ?Temperature $room = null,
        #[Field('Clearance class')] public ?ClearanceClass $clearance = null,
        #[Field('Oiled')] public bool $oiled = true,
        #[Field('Retaining compound rated for the gap will be used')] public bool $compound = false,
        #[Field('The bearing comes out of a freezer')] public bool $freezer = false,
        #[Field('What the press can do', least: 1)] public ?Force $pressCapacity = null,
        #[Field('Draw bolt')] public DrawBolt $drawBolt = DrawBolt::M12,
        #[Field('What the seat is meant to do')] public ?SeatMeant $meant = null,
        #[Field('What the wall looks like', of: WallLook::class)] public array $looks = [],
        #[Field('Temperature of hub or shaft when it was measured', least: -30, most: 150)] public ?Temperature $part = null,
        #[Field('To what the ring was made')] public RingTolerance $made = RingTolerance::Normal,
    ) {
        if ($number === null && ($bore === null || $outside === null || $width === null)) {
            throw InvalidInput::about('number', 'Type the number of the bearing, or its bore, outside and width.');
        }
    }
}
