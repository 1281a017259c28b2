<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/**
 * Interference is positive when the ring is tighter than its seat: as read, nominal size less reading, else as decided.
 * What is worked on is what was decided: readings corrected, and hands. Low and high are two standard deviations of it
 * either way.
 */
final readonly class FitResult
{
    /**
     * @param  bool  $tooTight whether a reading says, beyond its doubt, that it is tighter than makers give
     * @param  list<Remedy>  $remedies for a seat that does not hold, the cheapest first
     */
    private function __construct(
        public Length $interference,
        public Length $decided,
        public Length $interferenceLow,
        public Length $interferenceHigh,
        public Length $interferenceCold,
        public Length $interferenceWarm,
        public Share $probabilityGrips,
        public bool $loose,
        public bool $tooTight,
        public FitBands $bands,
        public array $remedies,
        public Verdict $verdict,
    ) {
    }

    /**
     * @param  Estimate  $fit what was decided, mm
     * @param  float  $right probability that it is as it is meant
     * @param  bool  $loose whether nothing that follows from a grip (heat, force, clearance) may be said of it
     * @param  list<Remedy>  $remedies
     */
    public static function of(
        SeatEvidence $evidence,
        Estimate $fit,
        float $cold,
        float $warm,
        float $right,
        bool $loose,
        array $remedies,
        Verdict $verdict,
    ): self {
        return new self(
            Length::mm($evidence->shown ?? $fit->mean),
            Length::mm($fit->mean),
            Length::mm($fit->mean - $fit->spread()),
            Length::mm($fit->mean + $fit->spread()),
            Length::mm($cold),
            Length::mm($warm),
            Share::of($right),
            $loose,
            $evidence->read !== null && $evidence->read->mean - $evidence->read->spread() > $evidence->most,
            $evidence->bands,
            $remedies,
            $verdict,
        );
    }

    /** The same with a reason more. */
    public function because(Message $why): self
    {
        /** @var array{Length, Length, Length, Length, Length, Length, Share, bool, bool, FitBands, list<Remedy>, Verdict} $all */
        $all = array_values([...get_object_vars($this), 'verdict' => $this->verdict->because($why)]);

        return new self(...$all);
    }
}
