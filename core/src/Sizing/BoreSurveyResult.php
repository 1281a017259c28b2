<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Verdict;

final readonly class BoreSurveyResult
{
    /**
     * @param  Reading  $mean mean diameter; an instrument's own error does not average out, so it keeps its half-width
     * @param  ?Length  $ovality largest less smallest diameter, from three directions; at least this, from two
     * @param  ?Length  $taper mean at the lip less mean at the bottom
     */
    public function __construct(
        public Reading $mean,
        public ?Length $ovality,
        public ?Length $taper,
        public ?string $pattern,
        public Verdict $verdict,
    ) {
    }
}
