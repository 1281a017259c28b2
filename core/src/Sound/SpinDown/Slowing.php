<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\SpinDown;

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
     * @param  list<float>  $at
     * @return array{list<float>, list<float>} coefficients, and the variance of each for a scatter of one turn
     */
    private static function fit(array $at, int $degree): array
    {
        $size = $degree + 1;
        $rows = [];
        for ($i = 0; $i < $size; $i++) {
            $row = [];
            for ($j = 0; $j < $size; $j++) {
                $row[] = array_sum(array_map(static fn (float $x): float => $x ** ($i + $j), $at));
            }
            $right = [];
            foreach ($at as $turn => $x) {
                $right[] = $turn * $x ** $i;
            }
            $unit = array_fill(0, $size, 0.0);
            $unit[$i] = 1.0;
            $rows[] = [...$row, array_sum($right), ...$unit];
        }
        $solved = self::eliminated($rows, $size);

        return [
            array_map(static fn (array $r): float => $r[$size], $solved),
            array_map(static fn (int $i): float => $solved[$i][$size + 1 + $i], array_keys($solved)),
        ];
    }

    /**
     * Gauss and Jordan, by the largest pivot.
     *
     * @param  list<list<float>>  $rows
     * @return list<list<float>>
     */
    private static function eliminated(array $rows, int $size): array
    {
        for ($i = 0; $i < $size; $i++) {
            $best = $i;
            for ($k = $i + 1; $k < $size; $k++) {
                $best = abs($rows[$k][$i]) > abs($rows[$best][$i]) ? $k : $best;
            }
            [$rows[$i], $rows[$best]] = [$rows[$best], $rows[$i]];
            $pivot = $rows[$i][$i];
            $rows[$i] = array_map(static fn (float $v): float => $v / $pivot, $rows[$i]);
            for ($k = 0; $k < $size; $k++) {
                $factor = $rows[$k][$i];
                if ($k !== $i) {
                    $rows[$k] = array_map(static fn (float $v, float $w): float => $v - $factor * $w, $rows[$k], $rows[$i]);
                }
            }
        }

        return $rows;
    }
}
