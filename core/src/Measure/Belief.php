<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/**
 * What is believed of one length after several pieces of evidence: readings, and bands that hands tell of.
 * Kept as weights on an even grid, so that evidence of any shape can be multiplied in. All numbers in mm.
 */
final readonly class Belief
{
    /** Below this share of overlap two pieces of evidence contradict each other. */
    private const CLASH = 0.01;

    private const NOTHING = 1e-9;

    /** @param  non-empty-list<float>  $weights */
    private function __construct(private float $from, private float $step, private array $weights, public bool $clashes)
    {
    }

    /** Nothing known but the outer limits. */
    public static function between(float $from, float $to, int $points = 1201): self
    {
        return new self($from, ($to - $from) / ($points - 1), array_fill(0, max(2, $points), 1.0), false);
    }

    /** A reading says where it is. */
    public function reading(Estimate $estimate): self
    {
        $sigma = max($estimate->sigma, $this->step);

        return $this->times(static fn (float $x): float => exp(-((($x - $estimate->mean) / $sigma) ** 2) / 2));
    }

    /** Hands or a standard say it lies in this band; the edges are soft by about `soft`. */
    public function band(float $low, float $high, float $soft): self
    {
        return $this->times(static fn (float $x): float => Estimate::phi(($x - $low) / $soft) * Estimate::phi(($high - $x) / $soft));
    }

    /** Probability, 0 to 1, that it is at least that long, in mm. */
    public function probabilityAtLeast(float $limit): float
    {
        $first = max(0, (int) ceil(($limit - $this->from) / $this->step - 1e-9));

        return array_sum(array_slice($this->weights, $first)) / array_sum($this->weights);
    }

    /** Its mean and standard deviation, in mm. */
    public function estimate(): Estimate
    {
        $sum = array_sum($this->weights);
        $mean = 0.0;
        $square = 0.0;
        foreach ($this->weights as $i => $weight) {
            $x = $this->from + $i * $this->step;
            $mean += ($weight * $x) / $sum;
            $square += ($weight * $x * $x) / $sum;
        }

        return new Estimate($mean, sqrt(max(0.0, $square - $mean * $mean)));
    }

    /**
     * Evidence of any shape.
     *
     * @param  callable(float): float  $likelihood of each length in mm
     */
    public function times(callable $likelihood): self
    {
        $weights = [];
        foreach ($this->weights as $i => $weight) {
            // What is already next to nothing stays so: no need to ask what the evidence makes of it.
            $weights[] = $weight < self::NOTHING ? 0.0 : $weight * $likelihood($this->from + $i * $this->step);
        }
        $peak = max(0.0, ...$weights);
        if ($peak < 1e-12) {
            return new self($this->from, $this->step, $this->weights, true);
        }

        return new self(
            $this->from,
            $this->step,
            array_map(static fn (float $w): float => $w / $peak, $weights),
            $this->clashes || $peak < self::CLASH,
        );
    }
}
