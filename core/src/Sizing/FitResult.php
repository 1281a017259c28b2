<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Verdict;

/** Interference is positive when the ring is larger than the bore. Low and high are two standard deviations either way, or the nominal span. */
final readonly class FitResult
{
    private function __construct(
        public Length $interference,
        public Length $interferenceLow,
        public Length $interferenceHigh,
        public Length $interferenceCold,
        public Length $interferenceWarm,
        public Share $probabilityGrips,
        public Verdict $verdict,
    ) {
    }

    public static function of(Estimate $fit, float $cold, float $warm, float $grips, Verdict $verdict): self
    {
        return new self(
            Length::mm($fit->mean), Length::mm($fit->mean - $fit->spread()), Length::mm($fit->mean + $fit->spread()),
            Length::mm($cold), Length::mm($warm), Share::of($grips), $verdict,
        );
    }
}
