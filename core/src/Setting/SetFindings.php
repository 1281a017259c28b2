<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting;

use CleanRace\Core\Seating\BallRow;

/** What is worked out of the settings of one job, for its drawings. Null where it does not belong, or not enough is known. */
final readonly class SetFindings
{
    /**
     * @param  list<BallRow>  $balls
     * @param  list<ConeTry>  $tries as they were made
     */
    public function __construct(
        public array $balls,
        public ?AxleEndsResult $axleEnds,
        public array $tries,
        public ?ConeCoachResult $cone,
        public ?TaperNutResult $taper,
        public ?FloatResult $float,
        public ?WheelCentreResult $centre,
    ) {
    }
}
