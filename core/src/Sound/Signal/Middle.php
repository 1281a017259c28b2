<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Signal;

/** Middles and spreads that a few wild values do not move. */
final readonly class Middle
{
    /** What makes the median deviation of errors that follow Gauss their standard deviation. */
    public const GAUSS = 1.4826;

    private function __construct()
    {
    }

    /** @param  list<float>  $values */
    public static function of(array $values): float
    {
        return self::share($values, 0.5);
    }

    /**
     * The value below which such a share of them lies, read between neighbours; nought of none.
     *
     * @param  list<float>  $values
     */
    public static function share(array $values, float $share): float
    {
        if ($values === []) {
            return 0.0;
        }
        sort($values);
        $at = $share * (count($values) - 1);
        $low = (int) floor($at);
        $high = min($low + 1, count($values) - 1);

        return $values[$low] + ($at - $low) * ($values[$high] - $values[$low]);
    }

    /**
     * Standard deviation, by the median distance from the median.
     *
     * @param  list<float>  $values
     */
    public static function spread(array $values): float
    {
        $middle = self::of($values);

        return self::GAUSS * self::of(array_map(static fn (float $v): float => abs($v - $middle), $values));
    }

    /** @param  list<float>  $values */
    public static function mean(array $values): float
    {
        return $values === [] ? 0.0 : array_sum($values) / count($values);
    }

    /** @param  list<float>  $values */
    public static function deviation(array $values): float
    {
        $mean = self::mean($values);

        return sqrt(self::mean(array_map(static fn (float $v): float => ($v - $mean) ** 2, $values)));
    }

    /**
     * Mean of the largest few.
     *
     * @param  list<float>  $values
     */
    public static function best(array $values, int $few): float
    {
        rsort($values);

        return self::mean(array_slice($values, 0, $few));
    }
}
