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
     */
    private function __construct(public array $forces, public array $scaled, public float $grip)
    {
    }

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
        $forces = $scaled = [];
        $before = 0.0;
        for ($i = 0; $i <= $last; $i++) {
            // A step that no sample fell in holds what the one before held.
            $forces[$i] = $before = isset($sums[$i]) ? $sums[$i] / $counts[$i] : $before;
            $in = min(1.0, ($i * self::STEP) / $grip);
            $scaled[$i] = $in < self::LEAST_IN ? NAN : $before / $in;
        }

        return new self(array_values($forces), array_values($scaled), $grip);
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
     * @param  float  $steep N per mm that only metal on metal shows
     */
    public function knee(float $steep): ?float
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
     * there.
     */
    public function roughness(float $from, float $to): float
    {
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
