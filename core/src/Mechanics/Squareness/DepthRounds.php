<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;

/** Sorts depths as they came into rounds: a place that comes again begins the next one; taking readings away begins anew. */
final class DepthRounds
{
    /**
     * @param  list<array{string, ?Reading}>  $entries hour and depth in the order in which they were kept; null where one was withdrawn
     * @return list<DepthRound>
     */
    public static function of(array $entries): array
    {
        $rounds = [];
        $now = [];
        $last = null;
        foreach ($entries as [$hour, $depth]) {
            if ($depth === null) {
                [$rounds, $now, $last] = [[], [], null];

                continue;
            }
            // The same place at once again is a reading put right, not another round.
            if (isset($now[$hour]) && $hour !== $last) {
                $rounds[] = $now;
                $now = [];
            }
            $now[$hour] = $depth;
            $last = $hour;
        }
        $rounds[] = $now;

        return array_values(array_filter(array_map(self::round(...), $rounds), static fn (DepthRound $r): bool => $r->readings !== []));
    }

    /** @param  array<array-key, Reading>  $depths by hour */
    private static function round(array $depths): DepthRound
    {
        $readings = [];
        foreach ($depths as $hour => $depth) {
            try {
                $readings[] = new ClockDepth(Clock::read((string) $hour), $depth);
            } catch (InvalidInput) {
                continue;
            }
        }

        return new DepthRound($readings);
    }
}
