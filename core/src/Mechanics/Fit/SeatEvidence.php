<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Working;

/** All that is known of one ring and its seat. Interference is in mm, plus is tight. */
final readonly class SeatEvidence
{
    /** What is thought of before anything is read; a reading beyond it stretches it by whole steps. */
    private const LOOSEST = -0.3;

    private const TIGHTEST = 0.5;

    private const STEP = 0.001;

    private const STEPS = 801;

    /** A reading may lie this many of its standard deviations beside the truth. */
    private const STRETCH = 6;

    /**
     * @param  Length  $nominal size of the ring
     * @param  ?Estimate  $read interference from readings, corrected, the ring that nobody measured in the middle of its band
     * @param  ?float  $shown nominal size less reading, as read
     * @param  list<WallLook>  $looks
     * @param  array{float, float}  $span interference that makers aim for, least and most: shown while nothing is known
     * @param  float  $most tightest that makers give such a ring in such a material
     * @param  float  $growth what a kelvin takes off the interference
     * @param  float  $warmC how warm it runs
     */
    public function __construct(
        public SeatMeant $meant,
        public Joint $joint,
        public Length $nominal,
        public ?Estimate $read,
        public ?float $shown,
        public ?FitFeel $feel,
        public array $looks,
        public array $span,
        public float $most,
        public float $growth,
        public float $roomC,
        public float $warmC,
        public bool $compound,
        public FitBands $bands,
        public Working $working,
    ) {
    }

    /** Nothing read and nothing felt. */
    public function isNothing(): bool
    {
        return $this->read === null && $this->feel === null;
    }

    /** Whether a reading is sure enough to decide alone: a caliper never is. */
    public function isGauged(Limits $limits): bool
    {
        return $this->read !== null && $this->read->sigma <= $limits->get('fit.gauge_sigma');
    }

    /** What the seat looks like that speaks against it. */
    public function blemish(): ?WallLook
    {
        return array_values(array_filter($this->looks, static fn (WallLook $l): bool => $l->spoilsFit()))[0] ?? null;
    }

    /**
     * What is believed of the interference. Bores wear loose, never tight: beyond what makers give a fit is as much less
     * likely before anything is read.
     */
    public function belief(Limits $limits): Belief
    {
        if ($this->isNothing()) {
            return Belief::between(self::LOOSEST, self::TIGHTEST, self::STEPS)
                ->band($this->span[0], $this->span[1], $limits->get('fit.feel_edge'));
        }
        $below = $this->read === null ? 0 : self::stretch(self::LOOSEST - $this->read->mean, $this->read->sigma);
        $above = $this->read === null ? 0 : self::stretch($this->read->mean - self::TIGHTEST, $this->read->sigma);
        $belief = Belief::between(
            self::LOOSEST - $below * self::STEP,
            self::TIGHTEST + $above * self::STEP,
            self::STEPS + $below + $above,
        );
        if ($this->read !== null) {
            $belief = $belief->reading($this->read);
        }
        if ($this->feel !== null) {
            $belief = $belief->times((new Felt($limits, $this->feel, $this->joint))->likelihood(...));
        }
        $rare = $limits->get('fit.tight_rare');

        return $belief->times(fn (float $mm): float => $mm > $this->most ? $rare : 1.0);
    }

    /** Interference from which a reading means a wrong size, a burr or dirt; or that would split the hub. */
    public function farTooTight(Limits $limits): float
    {
        $splits = $this->joint->splitsAt($limits);

        return $this->joint->body() === Material::Nylon
            ? $splits
            : min($splits, max($limits->get('fit.tight_share') * $this->nominal->mm, $this->most + $limits->get('fit.tight_stop')));
    }

    /** @return int steps that the grid grows by for a reading that lies so far beyond its edge */
    private static function stretch(float $beyond, float $sigma): int
    {
        return $beyond + 3 * $sigma <= 0 ? 0 : (int) ceil(($beyond + self::STRETCH * $sigma) / self::STEP);
    }
}
