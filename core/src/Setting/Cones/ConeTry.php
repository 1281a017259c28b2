<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** One try of a cone: where its mark stood, when it was judged, what was felt, and the play at the rim where it was read. */
final readonly class ConeTry
{
    public function __construct(
        #[Field('Mark of the cone, clockwise is tighter', least: -3600, most: 3600)] public Angle $mark,
        #[Field('Judged')] public ConeStage $stage,
        #[Field('Felt')] public ConeFelt $felt,
        #[Field('Play at the rim, from end to end', least: 0, by: Instrument::SteelRule)] public ?Reading $rimPlay = null,
    ) {
    }
}
