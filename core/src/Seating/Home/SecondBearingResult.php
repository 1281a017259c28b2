<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** To go is less than zero past the sleeve; turns are given only while something is left to go. Advised is the next bite. */
final readonly class SecondBearingResult
{
    public function __construct(
        public ?Length $restDepth,
        public ?Length $toGo,
        public ?Length $plusMinus,
        public ?Angle $nutTurn,
        public ?Angle $advisedTurn,
        public Verdict $verdict,
    ) {
    }
}
