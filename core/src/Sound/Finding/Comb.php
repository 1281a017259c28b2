<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Hearing\OrderSpectra;

/**
 * How well each order, its multiples and, beside them, what turns past the load, stand in one spectrum. The same is summed over a
 * fine grid of orders, so that what a part scores is held against what chance scores in this very recording. Multiples and what
 * stands beside them by the turning ring or the cage: Randall and Antoni, as for {@see \CleanRace\Core\Sound\Hearing\BandEnvelopes}.
 */
final readonly class Comb
{
    public const LEAST = 0.8;

    public const MOST = 9.5;

    private const CAP = 4.0;

    private const SIDE_CAP = 3.0;

    private const SIDES = 3;

    /** @param  list<list<float>>  $highest logarithm of the spectrum, highest within so many bins to each side */
    private function __construct(private array $highest, private float $perOrder, private float $turns)
    {
    }

    /**
     * @param  list<float>  $spectrum one is what chance leaves
     * @param  float  $turns that it was made of
     */
    public static function of(array $spectrum, float $perOrder, float $turns): self
    {
        $log = array_map(static fn (float $s): float => log($s + 1e-9), $spectrum);
        $widest = self::width(OrderSpectra::MOST, $perOrder, $turns);
        $highest = [$log];
        $last = count($log) - 1;
        for ($width = 1; $width <= $widest; $width++) {
            $row = [];
            foreach ($highest[$width - 1] as $i => $best) {
                $left = $i >= $width ? $log[$i - $width] : $best;
                $right = $i + $width <= $last ? $log[$i + $width] : $best;
                $row[] = $left > $best ? ($right > $left ? $right : $left) : ($right > $best ? $right : $best);
            }
            $highest[] = $row;
        }

        return new self($highest, $perOrder, $turns);
    }

    public static function step(float $turns): float
    {
        return min(0.075 / $turns, 0.004);
    }

    /**
     * The score of each order of the grid.
     *
     * @param  int  $harmonics how many multiples are looked at
     * @return list<float>
     */
    public function scores(int $harmonics): array
    {
        [$step, $scores] = [self::step($this->turns), []];
        $count = (int) floor((self::MOST - self::LEAST) / $step) + 1;
        for ($n = 0; $n < $count; $n++) {
            $scores[] = $this->score(self::LEAST + $n * $step, $harmonics);
        }

        return $scores;
    }

    /**
     * The score of one order.
     *
     * @param  int  $harmonics how many multiples are looked at
     */
    public function score(float $order, int $harmonics): float
    {
        [$sum, $used, $perOrder] = [0.0, 0, $this->perOrder];
        for ($k = 1; $k <= $harmonics; $k++) {
            $at = $k * $order;
            if ($at > OrderSpectra::MOST) {
                break;
            }
            $here = $this->highest[self::width($at, $perOrder, $this->turns)][(int) ($at * $perOrder + 0.5)];
            $sum += $here > self::CAP ? self::CAP : $here;
            $used++;
        }

        return $sum / sqrt($used);
    }

    /**
     * The same with what speaks beside the multiples of each order.
     *
     * @param  list<float>  $scores of the grid
     * @param  float  $side how far beside a multiple it speaks again, as it turns past the load
     * @param  float  $weight of what speaks beside
     * @return list<float>
     */
    public function withSides(array $scores, float $side, float $weight = 0.5): array
    {
        $step = self::step($this->turns);
        foreach ($scores as $n => $score) {
            $scores[$n] = $score + $weight / sqrt(2 * self::SIDES) * $this->beside(self::LEAST + $n * $step, $side);
        }

        return $scores;
    }

    private function beside(float $order, float $side): float
    {
        $beside = 0.0;
        for ($k = 1; $k <= self::SIDES; $k++) {
            $row = $this->highest[self::width($k * $order, $this->perOrder, $this->turns)];
            foreach ([$k * $order - $side, $k * $order + $side] as $at) {
                if ($at > 0 && $at <= OrderSpectra::MOST) {
                    $here = $row[(int) ($at * $this->perOrder + 0.5)];
                    $beside += $here > self::SIDE_CAP ? self::SIDE_CAP : $here;
                }
            }
        }

        return $beside;
    }

    private static function width(float $order, float $perOrder, float $turns): int
    {
        $wide = 0.0015 * $order;
        $least = 0.5 / $turns;

        return (int) round(($wide > $least ? $wide : $least) * $perOrder);
    }
}
