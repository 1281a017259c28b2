<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\Middle;

/** Turns as what comes once in each tells them, where nobody tapped: each is shifted until it looks most like all of them together. */
final readonly class FoundTurns
{
    private const ROUNDS = 3;

    /** A turn is looked for so far to each side of where it is thought to begin, in 64ths. */
    private const AROUND = 12;

    private function __construct()
    {
    }

    /**
     * @param  non-empty-list<list<float>>  $swings of the bands, 500 a second
     * @param  Turning  $rough one turn for each time that it comes
     * @return ?Turning null when it is no wheel that turns one way
     */
    public static function in(array $swings, Turning $rough): ?Turning
    {
        $sum = array_map(static fn (float ...$at): float => array_sum($at) / count($at), ...$swings);
        $places = TurnTable::of($sum, array_fill(0, count($sum), true), $rough)->all;
        $turns = intdiv(count($places), TurnTable::PLACES) - 2;
        if ($turns < 1) {
            return null;
        }
        $shifts = array_fill(1, $turns, 0);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $shape = self::shape($places, $shifts);
            foreach (array_keys($shifts) as $turn) {
                $shifts[$turn] = self::likest($places, $turn, $shape);
            }
        }
        $times = [];
        foreach ($shifts as $turn => $shift) {
            $times[] = $rough->when($turn + $shift / TurnTable::PLACES);
        }

        return Turning::by(Taps::at(array_slice($times, 0, Taps::MOST)));
    }

    /**
     * @param  list<float>  $places
     * @param  array<int, int>  $shifts by turn
     * @return list<float> mean of all turns, about its own mean
     */
    private static function shape(array $places, array $shifts): array
    {
        $shape = array_fill(0, TurnTable::PLACES, 0.0);
        foreach ($shifts as $turn => $shift) {
            for ($p = 0, $at = $turn * TurnTable::PLACES + $shift; $p < TurnTable::PLACES; $p++, $at++) {
                $shape[$p] += $places[$at] / count($shifts);
            }
        }
        $mean = Middle::mean($shape);

        return array_map(static fn (float $v): float => $v - $mean, $shape);
    }

    /**
     * @param  list<float>  $places
     * @param  list<float>  $shape
     */
    private static function likest(array $places, int $turn, array $shape): int
    {
        [$best, $likest] = [-INF, 0];
        for ($shift = -self::AROUND; $shift <= self::AROUND; $shift++) {
            $like = 0.0;
            foreach ($shape as $p => $v) {
                $like += $v * $places[$turn * TurnTable::PLACES + $shift + $p];
            }
            if ($like > $best) {
                [$best, $likest] = [$like, $shift];
            }
        }

        return $likest;
    }
}
