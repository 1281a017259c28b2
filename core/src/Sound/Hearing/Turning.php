<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\LeastSquares;
use CleanRace\Core\Sound\Signal\Middle;

/**
 * How a wheel turned, by the taps of a person: turns over time as a smooth curve through them. A tap too many is dropped, one that
 * was missed is counted, and what is far off weighs little (weights of Cauchy). Times in s, speeds in turns/s.
 */
final readonly class Turning
{
    /** Gaps around a tap by whose middle it is told what a turn took. */
    private const AROUND = 3;

    private const ROUNDS = 4;

    private const CUBIC_FROM = 9;

    private const FEWEST = 5;

    /** Nobody taps better, s. */
    private const BEST_S = 0.01;

    private const WILD = 2.5;

    private const STEP_S = 0.02;

    private const NEWTON = 8;

    private const SLOWEST = 0.02;

    /**
     * @param  float  $from first tap, s
     * @param  float  $to last tap, s
     * @param  non-empty-list<float>  $curve turns by the powers of time from the middle, in halves of the span
     * @param  float  $scatter of the taps, s
     * @param  int  $taps how many were taken
     */
    private function __construct(
        public float $from,
        public float $to,
        private array $curve,
        public float $scatter,
        public int $taps,
    ) {
    }

    /** Null when the taps are too few, or are none of a wheel that turns one way. */
    public static function by(Taps $taps): ?self
    {
        [$times, $turns] = self::counted($taps->seconds);
        if (count($times) < self::FEWEST || end($turns) < self::FEWEST) {
            return null;
        }
        [$from, $to] = [$times[0], end($times)];
        $at = array_map(static fn (float $t): float => 2 * ($t - $from) / ($to - $from) - 1, $times);
        $degree = count($times) >= self::CUBIC_FROM ? 3 : 2;
        $weights = array_fill(0, count($times), 1.0);
        $scatter = self::BEST_S;
        $curve = [0.0, 1.0];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $fitted = LeastSquares::polynomial($at, $turns, $degree, $weights);
            if ($fitted === null) {
                return null;
            }
            $curve = $fitted[0];
            $turning = new self($from, $to, $curve, $scatter, count($times));
            $late = [];
            foreach ($times as $i => $time) {
                $speed = $turning->speed($time);
                if ($speed <= 0) {
                    return null;
                }
                $late[] = ($turns[$i] - $turning->turns($time)) / $speed;
            }
            $scatter = max(self::BEST_S, Middle::spread($late));
            foreach ($late as $i => $seconds) {
                $weights[$i] = 1 / ($turning->speed($times[$i]) * (1 + ($seconds / (self::WILD * $scatter)) ** 2));
            }
        }
        $turning = new self($from, $to, $curve, $scatter, count($times));

        return $turning->whole() >= self::FEWEST && $turning->isOneWay() ? $turning : null;
    }

    /** @param  non-empty-list<float>  $curve turns by the powers of time from the middle, in halves of the span */
    public static function along(float $from, float $to, array $curve): self
    {
        return new self($from, $to, $curve, 0.0, 0);
    }

    /** The same run, of what comes so many times while this turns once. */
    public function times(float $often): self
    {
        $curve = array_map(static fn (float $c): float => $often * $c, $this->curve);

        return new self($this->from, $this->to, $curve, $this->scatter, $this->taps);
    }

    /** When it has turned so far since it began, s; the curve is smooth and rises. */
    public function when(float $turns): float
    {
        [$wanted, $at] = [$this->turns($this->from) + $turns, $this->from + $turns / $this->meanSpeed()];
        for ($step = 0; $step < self::NEWTON; $step++) {
            $at += ($wanted - $this->turns($at)) / max(self::SLOWEST, $this->speed($at));
            $at = max($this->from, min($this->to, $at));
        }

        return $at;
    }

    /** Turns at a time, from nought at some moment. */
    public function turns(float $seconds): float
    {
        $x = 2 * ($seconds - $this->from) / ($this->to - $this->from) - 1;
        $sum = 0.0;
        foreach (array_reverse($this->curve) as $coefficient) {
            $sum = $sum * $x + $coefficient;
        }

        return $sum;
    }

    /** Turns a second. */
    public function speed(float $seconds): float
    {
        $scale = 2 / ($this->to - $this->from);
        $x = $scale * ($seconds - $this->from) - 1;
        $sum = 0.0;
        for ($power = count($this->curve) - 1; $power > 0; $power--) {
            $sum = $sum * $x + $power * $this->curve[$power];
        }

        return $sum * $scale;
    }

    /** Whole turns between the first tap and the last. */
    public function whole(): int
    {
        return (int) floor($this->turns($this->to) - $this->turns($this->from) + 1e-6);
    }

    public function meanSpeed(): float
    {
        return ($this->turns($this->to) - $this->turns($this->from)) / ($this->to - $this->from);
    }

    /**
     * What each tap stands for: none for one too many, two for the one after a miss.
     *
     * @param  list<float>  $seconds
     * @return array{list<float>, list<float>} times, and turns
     */
    private static function counted(array $seconds): array
    {
        $gaps = [];
        for ($i = 1; $i < count($seconds); $i++) {
            $gaps[] = $seconds[$i] - $seconds[$i - 1];
        }
        [$times, $turns] = [array_slice($seconds, 0, 1), $seconds === [] ? [] : [0.0]];
        foreach (array_slice($seconds, 1) as $i => $time) {
            $period = Middle::of(array_slice($gaps, max(0, $i - self::AROUND), 2 * self::AROUND + 1));
            $passed = $period > 0 ? round(($time - end($times)) / $period) : 0.0;
            if ($passed > 0) {
                $times[] = $time;
                $turns[] = end($turns) + $passed;
            }
        }

        return [$times, $turns];
    }

    private function isOneWay(): bool
    {
        for ($t = $this->from; $t <= $this->to; $t += self::STEP_S) {
            if ($this->speed($t) <= 0) {
                return false;
            }
        }

        return true;
    }
}
