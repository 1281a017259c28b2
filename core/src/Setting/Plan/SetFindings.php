<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Seating\Plan\BallRow;
use CleanRace\Core\Setting\AxleEnds\AxleEndsResult;
use CleanRace\Core\Setting\Cones\ConeCoachResult;
use CleanRace\Core\Setting\Cones\ConeTry;
use CleanRace\Core\Setting\Float\FloatResult;
use CleanRace\Core\Setting\Float\WheelCentreResult;
use CleanRace\Core\Setting\Tapers\TaperNutResult;

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
