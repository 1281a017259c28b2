<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\Middle;

/** One band turn by turn, 64 places to a turn, and what of it comes at the same place each turn. */
final readonly class TurnTable
{
    public const PLACES = 64;

    private const COHERENT_ORDERS = 12;

    private const LEAST_ERROR = 0.02;

    private const SLOW_SIDE = 6;

    private const SEVERAL = 3;

    private const SEVERAL_MOST = 8;

    private const SEVERAL_ORDERS = 24;

    /**
     * @param  list<float>  $all place after place, turn after turn
     * @param  list<float>  $average of all turns, by place
     * @param  list<float>  $rest what is left without it
     */
    private function __construct(public int $turns, public array $all, public array $average, public array $rest)
    {
    }

    /**
     * @param  array<int, float>  $swing 500 a second
     * @param  array<int, bool>  $counts which of them count for the average
     */
    public static function of(array $swing, array $counts, Turning $turning): self
    {
        $times = self::times($turning, self::PLACES);
        $turns = intdiv(count($times) - 1, self::PLACES);
        $all = self::between($swing, $times);
        $weights = self::between(array_map(floatval(...), $counts), $times);
        [$sums, $heavy] = [array_fill(0, self::PLACES, 0.0), array_fill(0, self::PLACES, 0.0)];
        foreach ($all as $i => $value) {
            $place = $i % self::PLACES;
            if ($weights[$i] > 0.5) {
                $sums[$place] += $value;
                $heavy[$place]++;
            }
        }
        $average = array_map(static fn (float $sum, float $of): float => $of > 0 ? $sum / $of : 0.0, $sums, $heavy);
        $rest = [];
        foreach ($all as $i => $value) {
            $rest[] = $weights[$i] > 0.5 ? $value - $average[$i % self::PLACES] : 0.0;
        }

        return new self($turns, $all, $average, $rest);
    }

    /**
     * What changes over time, by place.
     *
     * @param  array<int, float>  $values 500 a second
     * @return list<float> mean of each place, turn after turn
     */
    public static function sampled(array $values, Turning $turning, int $perTurn): array
    {
        return self::between($values, self::times($turning, $perTurn));
    }

    /** Amplitude of what comes once a turn. */
    public function onceATurn(): float
    {
        [$real, $imaginary] = self::order($this->average, 0, 1);

        return 2 * hypot($real, $imaginary) / self::PLACES;
    }

    /**
     * How much more of the orders 1 to 12 stays in step from turn to turn than chance leaves: logarithms of one more than that.
     *
     * @return array{float, float} of order 1, and of the mean of all
     */
    public function inStep(): array
    {
        $of = [];
        for ($order = 1; $order <= self::COHERENT_ORDERS; $order++) {
            [$real, $imaginary, $power] = [0.0, 0.0, 0.0];
            for ($turn = 0; $turn < $this->turns; $turn++) {
                [$r, $i] = self::order($this->all, $turn * self::PLACES, $order);
                $real += $r;
                $imaginary += $i;
                $power += $r * $r + $i * $i;
            }
            $of[] = $power > 0 ? ($real ** 2 + $imaginary ** 2) / $power : 0.0;
        }

        return [log(1 + $of[0]), log(1 + Middle::mean($of))];
    }

    /** How far the highest place of the average turn stands out of what chance would leave. */
    public function crest(): float
    {
        $variances = [];
        for ($place = 0; $place < self::PLACES; $place++) {
            $there = [];
            for ($i = $place; $i < count($this->rest); $i += self::PLACES) {
                $there[] = $this->rest[$i];
            }
            $variances[] = Middle::deviation($there) ** 2;
        }
        $error = sqrt(Middle::mean($variances) / max(1, $this->turns - 1));
        $most = $this->average === [] ? 0.0 : max($this->average);

        return ($most - Middle::of($this->average)) / ($error + self::LEAST_ERROR);
    }

    /**
     * How much of what repeats each turn comes three times in it or more, evenly: the largest share that the multiples of one order
     * have in all. A tick once a turn has them alike.
     */
    public function severalTimes(): float
    {
        $power = [];
        for ($order = 1; $order <= self::SEVERAL_ORDERS; $order++) {
            [$real, $imaginary] = self::order($this->average, 0, $order);
            $power[$order] = $real ** 2 + $imaginary ** 2;
        }
        $most = 0.0;
        for ($times = self::SEVERAL; $times <= self::SEVERAL_MOST; $times++) {
            $share = 0.0;
            for ($order = $times; $order <= self::SEVERAL_ORDERS; $order += $times) {
                $share += $power[$order];
            }
            $most = max($most, $share / max(1e-12, array_sum($power)));
        }

        return $most;
    }

    public function restDeviation(): float
    {
        return Middle::deviation($this->rest);
    }

    /** Deviation of what is left when it is smoothed over a fifth of a turn: short knocks go under in it, words do not. */
    public function slowDeviation(): float
    {
        return Middle::deviation(OrderSpectra::smoothed($this->rest, self::SLOW_SIDE));
    }

    /** @return list<float> when each place of each whole turn begins, and the end of the last */
    private static function times(Turning $turning, int $perTurn): array
    {
        $places = $perTurn * $turning->whole();
        $start = $turning->turns($turning->from);
        [$times, $at] = [[], $turning->from];
        for ($i = 0; $i <= $places; $i++) {
            $wanted = $start + $i / $perTurn;
            // The curve is smooth and rises: a few steps of Newton from the place before.
            for ($step = 0; $step < 3; $step++) {
                $at += ($wanted - $turning->turns($at)) / $turning->speed($at);
                $at = max($turning->from, min($turning->to, $at));
            }
            $times[] = $at;
        }

        return $times;
    }

    /**
     * Mean between each two times, from the running sum.
     *
     * @param  array<int, float>  $values 500 a second
     * @param  list<float>  $times
     * @return list<float>
     */
    private static function between(array $values, array $times): array
    {
        [$sums, $sum] = [[0.0], 0.0];
        foreach ($values as $value) {
            $sum += $value;
            $sums[] = $sum;
        }
        $last = count($sums) - 1;
        [$means, $before, $then] = [[], null, 0.0];
        foreach ($times as $time) {
            $at = min($last - 1e-6, max(0.0, $time * BandEnvelopes::RATE));
            $i = (int) $at;
            $here = $sums[$i] + ($at - $i) * ($sums[$i + 1] - $sums[$i]);
            if ($before !== null) {
                $means[] = ($here - $before) / max(1e-9, $at - $then);
            }
            [$before, $then] = [$here, $at];
        }

        return $means;
    }

    /**
     * One order of the turn that begins there.
     *
     * @param  list<float>  $values
     * @return array{float, float}
     */
    private static function order(array $values, int $from, int $order): array
    {
        static $turned = [];
        $turned[$order] ??= array_map(
            static fn (int $p): array => [
                cos(2 * M_PI * $order * $p / self::PLACES),
                -sin(2 * M_PI * $order * $p / self::PLACES),
            ],
            range(0, self::PLACES - 1),
        );
        [$real, $imaginary] = [0.0, 0.0];
        foreach ($turned[$order] as $p => [$c, $s]) {
            $real += $values[$from + $p] * $c;
            $imaginary += $values[$from + $p] * $s;
        }

        return [$real, $imaginary];
    }
}
