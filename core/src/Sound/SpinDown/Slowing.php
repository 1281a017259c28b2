<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\SpinDown;

use CleanRace\Core\Sound\Signal\LeastSquares;
use LogicException;

/**
 * How a wheel that runs out loses its speed: turns over time by least squares, a parabola for how much, a cubic for whether that
 * changes. Speeds in turns a second, slowing in turns a second, each second.
 */
final readonly class Slowing
{
    /**
     * @param  float  $speed in the middle of the run
     * @param  float  $rate how much is lost each second, in the middle; more than nought when it slows
     * @param  float  $rateSigma standard deviation of it, by the scatter of taps
     * @param  ?float  $growth how much more it loses at the start than at the end; null with too few passes
     * @param  float  $growthSigma standard deviation of that
     */
    private function __construct(
        public float $speed,
        public float $rate,
        public float $rateSigma,
        public ?float $growth,
        public float $growthSigma,
    ) {
    }

    /**
     * @param  float  $scatter standard deviation of a tap, in s
     * @param  int  $shape passes from which the change is told
     */
    public static function of(Passes $passes, float $scatter, int $shape): self
    {
        $times = $passes->seconds;
        $middle = ($times[0] + end($times)) / 2;
        $half = (end($times) - $times[0]) / 2;
        // From −1 to 1: what is squared and cubed stays tame.
        $at = array_map(static fn (float $t): float => ($t - $middle) / $half, $times);
        [$parabola, $spread] = self::fit($at, 2);
        $speed = $parabola[1] / $half;
        // A tap that comes late by so many seconds is off by so many turns.
        $turns = $scatter * $speed;
        $growth = null;
        $growthSigma = 0.0;
        if (count($times) >= $shape) {
            [$cubic, $wider] = self::fit($at, 3);
            // The slowing is −N″: its difference from the first pass to the last.
            $growth = 12 * $cubic[3] / $half ** 2;
            $growthSigma = 12 * sqrt($wider[3]) * $turns / $half ** 2;
        }

        return new self($speed, -2 * $parabola[2] / $half ** 2, 2 * sqrt($spread[2]) * $turns / $half ** 2, $growth, $growthSigma);
    }

    /**
     * Turns 0, 1, 2 … over these times, by a polynomial.
     *
     * @param  list<float>  $at rising
     * @return array{non-empty-list<float>, non-empty-list<float>} coefficients, and the variance of each for a scatter of one turn
     */
    private static function fit(array $at, int $degree): array
    {
        return LeastSquares::polynomial($at, array_map(floatval(...), array_keys($at)), $degree)
            ?? throw new LogicException('Times that rise tell a polynomial.');
    }
}
