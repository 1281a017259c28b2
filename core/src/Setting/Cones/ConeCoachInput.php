<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** A cup-and-cone hub and the tries made on it, in their order. */
final readonly class ConeCoachInput
{
    private const MOST_TRIES = 20;

    /**
     * @param  list<ConeTry>  $tries
     * @param  list<LockShift>  $earlier what lock nuts did on earlier hubs of this shop
     */
    public function __construct(
        #[Field('Rim, radius where play is read')] public Length $radius,
        #[Field('Between the two rows of balls')] public Length $spacing,
        #[Field('Circle of the balls')] public Length $circle,
        #[Field('Tries', of: ConeTry::class)] public array $tries = [],
        #[Field('Thread of the axle')] public string $thread = 'M10 × 1',
        #[Field('Axle')] public AxleKind $axle = AxleKind::Solid,
        #[Field('Hole through the axle')] public ?Length $axleBore = null,
        #[Field('Between the threads of the two cones')] public ?Length $between = null,
        #[Field('Lever')] public LeverFeel $lever = LeverFeel::Usual,
        #[Field('No play on the bench, whatever the lever takes')] public bool $noneOnTheBench = false,
        #[Field('Lock nuts on earlier hubs', of: LockShift::class)] public array $earlier = [],
    ) {
        if (count($tries) > self::MOST_TRIES) {
            throw InvalidInput::about('tries', 'Twenty tries are more than any hub takes: something else is wrong with it.');
        }
    }
}
