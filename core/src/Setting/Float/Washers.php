<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Float;

/** Picks washers from stock to fill a length. */
final class Washers
{
    /** Beyond this a stack of washers is a spacer. */
    private const MOST = 6;

    /**
     * The stack that comes nearest to a length; of those as near, the one with fewest washers.
     *
     * @param  list<WasherStock>  $stock
     * @return list<float> thicknesses in mm, the thickest first
     */
    public static function nearest(array $stock, float $length, float $least = 0.0, float $most = INF): array
    {
        $stacks = ['0.000' => []];
        foreach ($stock as $washer) {
            foreach ($stacks as $stack) {
                for ($n = 1; $n <= $washer->count && count($stack) + $n <= self::MOST; $n++) {
                    $taller = [...$stack, ...array_fill(0, $n, $washer->thickness->mm)];
                    $key = sprintf('%.3f', array_sum($taller));
                    if (! isset($stacks[$key]) || count($stacks[$key]) > count($taller)) {
                        $stacks[$key] = $taller;
                    }
                }
            }
        }
        $best = [];
        $miss = INF;
        foreach ($stacks as $stack) {
            $height = array_sum($stack);
            $off = abs($height - $length);
            if (
                $height >= $least - 1e-9 &&
                $height <= $most + 1e-9 &&
                ($off < $miss - 1e-9 || ($off < $miss + 1e-9 && count($stack) < count($best)))
            ) {
                [$best, $miss] = [$stack, $off];
            }
        }
        rsort($best);

        return $miss === INF ? [] : $best;
    }
}
