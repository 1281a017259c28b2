<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A value known to a standard deviation, both in the unit of the quantity. Independent estimates combine by root of sum of squares. */
final readonly class Estimate
{
    public function __construct(public float $mean, public float $sigma = 0.0)
    {
    }

    /** The sum of two that do not hang together: deviations by root of sum of squares. */
    public function plus(self $other): self
    {
        return new self($this->mean + $other->mean, hypot($this->sigma, $other->sigma));
    }

    /** The difference of two that do not hang together. */
    public function minus(self $other): self
    {
        return new self($this->mean - $other->mean, hypot($this->sigma, $other->sigma));
    }

    /** Probability that the true value is at or below the limit. */
    public function probabilityAtMost(float $limit): float
    {
        return $this->sigma > 0 ? self::phi(($limit - $this->mean) / $this->sigma) : (float) ($this->mean <= $limit);
    }

    /** Two standard deviations: what is shown after ±. */
    public function spread(): float
    {
        return 2 * $this->sigma;
    }

    /** The normal distribution function, to 1.5e-7 (Abramowitz and Stegun 7.1.26). */
    public static function phi(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $tail =
            ($t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429)))) * exp(-$x * $x)) /
            2;

        return $z >= 0 ? 1 - $tail : $tail;
    }
}
