<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\Fourier;

/** Clicks that come many times a turn, always a whole number of times: a freehub, whose teeth are as many. */
final readonly class Pawls
{
    private const PLACES = 256;

    private const FEWEST = 15;

    private const MOST = 110;

    /** A turn that is not quite where the taps put it smears a line so far, in orders. */
    private const SMEAR = 0.05;

    /** How far off a whole number it may read. */
    private const OFF = 0.12;

    /** Orders of a bearing reach so far with their multiples: a line down there explains one up here. */
    private const BEARING = 12.0;

    /**
     * @param  int  $clicks in a turn
     * @param  float  $clear logarithm of their line over its surroundings
     */
    private function __construct(public int $clicks, public float $clear)
    {
    }

    /**
     * The strongest line of many clicks a turn; null when it is no whole number, or one of a bearing explains it.
     *
     * @param  non-empty-list<array<int, float>>  $swings of the bands, 500 a second
     */
    public static function in(array $swings, Turning $turning): ?self
    {
        $sum = array_map(static fn (float ...$at): float => array_sum($at) / count($at), ...$swings);
        $places = TurnTable::sampled($sum, $turning, self::PLACES);
        $size = Fourier::holding(count($places));
        $real = [];
        $mean = array_sum($places) / max(1, count($places));
        foreach ($places as $i => $value) {
            $real[] = ($value - $mean) * (0.5 - 0.5 * cos(2 * M_PI * ($i + 0.5) / count($places)));
        }
        $real = array_pad($real, $size, 0.0);
        $imaginary = array_fill(0, $size, 0.0);
        Fourier::of($size)->transform($real, $imaginary);
        $perOrder = $size / self::PLACES;
        $power = [];
        for ($k = 0, $last = (int) (self::MOST * $perOrder); $k < $last; $k++) {
            $power[] = $real[$k] ** 2 + $imaginary[$k] ** 2;
        }
        $line = OrderSpectra::besideMiddle(OrderSpectra::smoothed($power, self::SMEAR * $perOrder), $perOrder);
        [$best, $low] = [0, 0.0];
        foreach ($line as $k => $strength) {
            $order = $k / $perOrder;
            if ($order >= self::FEWEST && $strength > $line[$best]) {
                $best = $k;
            }
            if ($order >= 1.5 && $order < self::BEARING) {
                $low = max($low, $strength);
            }
        }
        $order = $best / $perOrder;

        return $line[$best] > $low && abs($order - round($order)) < self::OFF
            ? new self((int) round($order), log($line[$best] + 1e-9))
            : null;
    }
}
