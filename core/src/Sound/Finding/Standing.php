<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\Signal\Middle;

/** How far the best order of a part's range stands out of windows as wide as it, elsewhere in the same recording. */
final readonly class Standing
{
    private const LEAST_SPREAD = 0.35;

    /** Of a window at least this much lies where nothing of this bearing speaks. */
    private const FREE = 0.5;

    /** Windows of one width lie this much of it apart. */
    private const APART = 0.34;

    private const WHOLE_TURNS = 0.6;

    private const WHOLE_LEAST = 0.012;

    /** @param  list<bool>  $free orders of the grid that chance alone speaks at */
    private function __construct(private float $step, private array $free)
    {
    }

    public static function beside(PartRanges $ranges, float $turns): self
    {
        $step = Comb::step($turns);
        $whole = max(self::WHOLE_TURNS / $turns, self::WHOLE_LEAST);
        $free = [];
        for ($n = 0, $count = (int) floor((Comb::MOST - Comb::LEAST) / $step) + 1; $n < $count; $n++) {
            $order = Comb::LEAST + $n * $step;
            $is = abs($order - round($order)) > $whole;
            foreach ([$ranges->outer, $ranges->inner, $ranges->ball] as [$low, $high]) {
                foreach ([0.5, 1, 2] as $times) {
                    $is = $is && ($order < $times * $low || $order > $times * $high);
                }
            }
            $free[] = $is;
        }

        return new self($step, $free);
    }

    /**
     * @param  list<float>  $scores of the grid
     * @param  array{float, float}  $range
     * @return array{float, float} how many spreads above the middle of the others, and at which order
     */
    public function of(array $scores, array $range): array
    {
        $last = count($scores) - 1;
        $first = max(0, min($last, (int) round(($range[0] - Comb::LEAST) / $this->step)));
        $end = max($first, min($last, (int) round(($range[1] - Comb::LEAST) / $this->step)));
        $width = $end - $first + 1;
        [$best, $at] = [-INF, $first];
        for ($n = $first; $n <= $end; $n++) {
            if ($scores[$n] > $best) {
                [$best, $at] = [$scores[$n], $n];
            }
        }
        $others = $this->others($scores, $width);
        $spread = max(self::LEAST_SPREAD, Middle::spread($others));

        return [($best - Middle::of($others)) / $spread, Comb::LEAST + $at * $this->step];
    }

    /**
     * @param  list<float>  $scores
     * @return list<float> the highest of each window
     */
    private function others(array $scores, int $width): array
    {
        $others = [];
        $apart = max(1, (int) (self::APART * $width));
        for ($from = 0, $last = count($scores) - $width; $from <= $last; $from += $apart) {
            [$best, $free] = [-INF, 0];
            for ($n = $from, $to = $from + $width; $n < $to; $n++) {
                if ($this->free[$n]) {
                    $free++;
                    if ($scores[$n] > $best) {
                        $best = $scores[$n];
                    }
                }
            }
            if ($free >= self::FREE * $width) {
                $others[] = $best;
            }
        }

        return $others === [] ? [0.0] : $others;
    }
}
