<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Verdict;

/**
 * Interference is positive when the ring is tighter than its seat. Low and high are two standard deviations either
 * way, or the nominal span.
 */
final readonly class FitResult
{
    /** @param  list<Remedy>  $remedies for a seat that does not hold, the cheapest first */
    private function __construct(
        public Length $interference,
        public Length $interferenceLow,
        public Length $interferenceHigh,
        public Length $interferenceCold,
        public Length $interferenceWarm,
        public Share $probabilityGrips,
        public FitBands $bands,
        public array $remedies,
        public Verdict $verdict,
    ) {
    }

    /** @param  list<Remedy>  $remedies */
    public static function of(
        Estimate $fit,
        float $cold,
        float $warm,
        float $grips,
        FitBands $bands,
        array $remedies,
        Verdict $verdict,
    ): self {
        return new self(
            Length::mm($fit->mean),
            Length::mm($fit->mean - $fit->spread()),
            Length::mm($fit->mean + $fit->spread()),
            Length::mm($cold),
            Length::mm($warm),
            Share::of($grips),
            $bands,
            $remedies,
            $verdict,
        );
    }
}
