<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** Play at the rim of a cup-and-cone hub, and what the hub is like. */
final readonly class ConePlayInput
{
    public function __construct(
        #[Field('Play at the rim, from end to end', least: 0, by: Instrument::DigitalCaliper)] public Reading $rimPlay,
        #[Field('Rim, radius where it was read')] public Length $radius,
        #[Field('Between the two rows of balls')] public Length $spacing,
        #[Field('Circle of the balls')] public Length $circle,
        #[Field('Thread of the axle')] public string $thread = 'M10 × 1',
        #[Field('Axle')] public AxleKind $axle = AxleKind::Solid,
        #[Field('Hole through the axle')] public ?Length $axleBore = null,
        #[Field('Between the threads of the two cones')] public ?Length $between = null,
        #[Field('Lever')] public LeverFeel $lever = LeverFeel::Usual,
    ) {
    }
}
