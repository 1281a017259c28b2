<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** An inner ring that must slide on its axle or shaft. */
final readonly class SlidingFitInput
{
    /** A reading this far from the nominal is of something else, in mm. */
    private const BELONGS = 2.0;

    /** @param  list<WallLook>  $looks */
    public function __construct(
        #[Field('Bore of the bearing, nominal')] public Length $bore,
        #[Field('Diameter of the axle', by: Instrument::Micrometer)] public ?Reading $shaft = null,
        #[Field('How it goes through')] public ?FitFeel $feel = null,
        #[Field('What the seat is meant to do')] public ?SeatMeant $meant = null,
        #[Field('What the shaft looks like', of: WallLook::class)] public array $looks = [],
    ) {
        if ($shaft === null && $feel === null) {
            throw InvalidInput::about('shaft_mm', 'Measure the axle, or say how it goes through.');
        }
        if ($shaft !== null && abs($shaft->value->mm - $bore->mm) > self::BELONGS) {
            throw InvalidInput::about(
                'shaft_mm',
                sprintf('%.2f mm does not belong in a bore of %.2f mm. Check both.', $shaft->value->mm, $bore->mm),
            );
        }
    }
}
