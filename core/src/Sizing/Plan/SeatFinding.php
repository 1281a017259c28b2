<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Mechanics\Fit\FitBands;
use CleanRace\Core\Mechanics\Fit\FitResult;
use CleanRace\Core\Mechanics\Fit\Remedy;
use CleanRace\Core\Sizing\Wear\BoreSurveyResult;
use CleanRace\Core\Sizing\Wear\WallPatch;

/** What is known of one seat, for its drawing: the wall as surveyed, ring and seat as bands, what may be done when it does not hold. */
final readonly class SeatFinding
{
    /**
     * @param  string  $key left or right of a pair, or the part that sits there
     * @param  list<WallPatch>  $map
     * @param  list<Remedy>  $remedies
     */
    private function __construct(
        public string $key,
        public RingSeat $seat,
        public array $map,
        public ?FitBands $bands,
        public array $remedies,
    ) {
    }

    /** What is known of one seat, for its drawing. */
    public static function of(string $key, RingSeat $seat, ?BoreSurveyResult $survey, ?FitResult $fit): self
    {
        return new self($key, $seat, $survey->map ?? [], $fit?->bands, $fit->remedies ?? []);
    }
}
