<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

/**
 * A force–travel curve made even: one force for each small step of travel, forward only. A ring that enters grips over
 * a length that grows with travel, so its force grows in step until all of it is in; divided by that growth every
 * place of the curve tells the same number, the force once it is all in.
 */
final readonly class ForceCurve
{
    /** mm of travel for each point */
    public const STEP = 0.05;

    /**
     * @param  list<float>  $forces N, one for each step of travel from zero
     * @param  list<float>  $scaled the same divided by how much of the ring is in; NAN where too little is
     * @param  array<int, float>  $read those that were read, by their step
     */
    private function __construct(public array $forces, public array $scaled, private array $read, public float $grip)
    {
    }

    /** With fewer samples than this for each step a curve is thin. */
    private const MANY = 0.7;

    /** A jump beside two neighbours is larger than one beside many: their own noise is in it. */
    private const BESIDE_TWO = 0.82;

    /** A sample above this many times the slide has left it; the slide is read from so many samples before. */
    private const LEAVES = 1.25;

    private const FEW = 5;

    /** Samples no further apart than this, in mm, show where a rise begins. */
    private const NEAR = 0.3;

    /** Below this share of the grip a scaled force is more noise than news. */
    private const LEAST_IN = 0.06;

    /** @param  list<PressSample>  $samples */
    public static function of(array $samples, float $grip): self
    {
        $sums = $counts = [];
        $last = -1;
        foreach ($samples as $sample) {
            $at = (int) round($sample->travel->mm / self::STEP);
            if ($at < 0 || $at > 40_000) {
                continue;
            }
            $sums[$at] = ($sums[$at] ?? 0.0) + $sample->force->newtons;
            $counts[$at] = ($counts[$at] ?? 0) + 1;
            $last = max($last, $at);
        }
        ksort($sums);
        $read = [];
        foreach ($sums as $at => $sum) {
            $read[$at] = $sum / $counts[$at];
        }
        $forces = $scaled = [];
        $ahead = array_keys($read);
        [$from, $before] = [0, 0.0];
        for ($i = 0; $i <= $last; $i++) {
            while ($ahead !== [] && $ahead[0] < $i) {
                $from = array_shift($ahead);
                $before = $read[$from];
            }
            // A step that no sample fell in lies on the line between those beside it.
            $to = $ahead[0] ?? $from;
            $forces[] = $read[$i] ?? ($to > $from ? $before + (($read[$to] - $before) * ($i - $from)) / ($to - $from) : $before);
            $in = min(1.0, ($i * self::STEP) / $grip);
            $scaled[] = $in < self::LEAST_IN ? NAN : $forces[$i] / $in;
        }

        return new self($forces, $scaled, $read, $grip);
    }

    /** mm of travel so far */
    public function travel(): float
    {
        return max(0, count($this->forces) - 1) * self::STEP;
    }

    /** N at a travel in mm; at the end beyond it. */
    public function force(float $travel): float
    {
        return $this->forces[max(0, min(count($this->forces) - 1, (int) round($travel / self::STEP)))] ?? 0.0;
    }

    /** @return list<float> scaled forces between two travels, in mm */
    public function between(float $from, float $to): array
    {
        $slice = array_slice($this->scaled, (int) max(0, floor($from / self::STEP)), (int) max(0, ceil(($to - $from) / self::STEP)));

        return array_values(array_filter($slice, static fn (float $f): bool => ! is_nan($f)));
    }

    /**
     * Where the force turns up for good: the travel at which it leaves the slide and climbs steadily to the end.
     *
     * Between two samples that lie far apart it is where the climb behind them points back to; with one sample in the climb
     * where it was expected, if that lies between them.
     *
     * @param  float  $steep N per mm that only metal on metal shows
     * @param  float  $expected mm
     * @param  float  $quiet N that say nothing: what a load cell shows of a driver lying on the ring
     */
    public function knee(float $steep, float $expected, float $quiet): ?Knee
    {
        $knee = $this->foot($steep);
        if ($knee === null) {
            return null;
        }
        $slid = array_filter($this->read, static fn (int $at): bool => $at * self::STEP <= $knee + 1e-9, ARRAY_FILTER_USE_KEY);
        $slide = self::median(array_slice($slid, -self::FEW)) ?? 0.0;
        $before = null;
        $climb = [];
        foreach ($this->read as $at => $force) {
            [$before, $climb] = $force <= self::LEAVES * $slide + $quiet
                ? [$at * self::STEP, []]
                : [$before, [...$climb, [$at * self::STEP, $force]]];
        }
        if ($before === null || $climb === [] || $climb[0][0] - $before <= self::NEAR) {
            return new Knee($knee, $knee);
        }
        [$first, $end] = [$climb[0], $climb[count($climb) - 1]];
        $slope = $end[0] > $first[0] ? ($end[1] - $first[1]) / ($end[0] - $first[0]) : 0.0;
        $pointsBack = $slope > $steep;
        $at = max($before, min($first[0], $pointsBack ? $first[0] - ($first[1] - $slide) / $slope : $expected));

        return new Knee($at, $pointsBack ? $at : $before);
    }

    private function foot(float $steep): ?float
    {
        $span = 4;
        $last = count($this->forces) - 1;
        if ($last < $span * 3) {
            return null;
        }
        // From the end backwards as long as it climbs: a peak on the way falls off again, coming home does not. One noisy
        // step does not end a climb that the longer look still sees.
        $climbs = fn (int $at, int $over): bool => $at >= $over &&
            ($this->forces[$at] - $this->forces[$at - $over]) / ($over * self::STEP) > $steep;
        $at = $last;
        while ($climbs($at, $span) || (($at > $last - 2 * $span || $climbs($at + $span, $span)) && $climbs($at, 2 * $span))) {
            $at--;
        }
        if ($last - $at < $span) {
            return null;
        }
        $foot = max(0, $at - $span);
        $slide = self::median(array_slice($this->forces, max(0, $foot - 20), max(1, min(20, $foot)))) ?? 0.0;
        $middle = intdiv($at + $last, 2);
        $slope = ($this->forces[$last] - $this->forces[$middle]) / max(self::STEP, ($last - $middle) * self::STEP);

        return $slope > $steep ? max(0.0, $last * self::STEP - ($this->forces[$last] - $slide) / $slope) : null;
    }

    /**
     * How rough it is between two travels: the mean jump from step to step beside its own middle, as a share of the force
     * there. Where fewer samples than steps were read, each beside its two neighbours.
     */
    public function roughness(float $from, float $to): float
    {
        $read = array_filter(
            $this->read,
            static fn (int $at): bool => $at * self::STEP >= $from && $at * self::STEP <= $to,
            ARRAY_FILTER_USE_KEY,
        );
        if (count($read) < self::MANY * (($to - $from) / self::STEP)) {
            return self::jumps($read);
        }
        $forces = array_slice($this->forces, (int) max(0, floor($from / self::STEP)), (int) max(0, ceil(($to - $from) / self::STEP)));
        $n = count($forces);
        if ($n < 10) {
            return 0.0;
        }
        $sum = 0.0;
        $window = 8;
        foreach ($forces as $i => $force) {
            $near = array_slice($forces, max(0, $i - $window), 2 * $window + 1);
            $sum += abs($force - array_sum($near) / count($near));
        }

        return $sum / $n / max(1.0, array_sum($forces) / $n);
    }

    /** @param  array<int, float>  $read by step */
    private static function jumps(array $read): float
    {
        $at = array_keys($read);
        $forces = array_values($read);
        $n = count($forces);
        if ($n < 5) {
            return 0.0;
        }
        $sum = 0.0;
        for ($i = 1; $i < $n - 1; $i++) {
            $share = ($at[$i] - $at[$i - 1]) / max(1, $at[$i + 1] - $at[$i - 1]);
            $sum += abs($forces[$i] - ($forces[$i - 1] + $share * ($forces[$i + 1] - $forces[$i - 1])));
        }

        return (self::BESIDE_TWO * $sum) / ($n - 2) / max(1.0, array_sum($forces) / $n);
    }

    /** @param  list<float>  $values */
    public static function median(array $values): ?float
    {
        return self::quantile($values, 0.5);
    }

    /** @param  list<float>  $values */
    public static function quantile(array $values, float $share): ?float
    {
        if ($values === []) {
            return null;
        }
        sort($values);

        return $values[(int) floor($share * (count($values) - 1))];
    }
}
