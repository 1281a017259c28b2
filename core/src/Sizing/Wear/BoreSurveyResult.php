<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Verdict;

final readonly class BoreSurveyResult
{
    /**
     * @param  Reading  $mean mean diameter; an instrument's own error does not average out, so it keeps its half-width
     * @param  ?Length  $ovality largest less smallest diameter, from three directions; at least this, from two
     * @param  ?Length  $taper mean at the lip less mean at the bottom
     * @param  ?Length  $step largest less smallest mean of the depths: what a shaft is stepped by
     * @param  ?string  $pattern of wear: oval, mouth_opened, worn_inside, mouth_corroded, crept, stepped, grooved
     * @param  list<WallPatch>  $map every reading as it departs from the mean, for the strip of the wall
     */
    public function __construct(
        public Reading $mean,
        public ?Length $ovality,
        public ?Length $taper,
        public ?Length $step,
        public ?string $pattern,
        public array $map,
        public Verdict $verdict,
    ) {
    }
}
