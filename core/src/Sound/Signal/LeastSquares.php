<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Signal;

/** What a sum of known curves fits best: coefficients, and how far each can be off. */
final readonly class LeastSquares
{
    /** Below this the rows do not tell one curve from another. */
    private const NOTHING = 1e-12;

    private function __construct()
    {
    }

    /**
     * @param  list<non-empty-list<float>>  $rows for each value, what each curve is there
     * @param  list<float>  $values
     * @param  ?list<float>  $weights that a residual is multiplied with before it is squared
     * @return ?array{non-empty-list<float>, non-empty-list<float>} coefficients, and the variance of each for residuals of one;
     *                                                              null when the rows do not tell the curves apart
     */
    public static function fit(array $rows, array $values, ?array $weights = null): ?array
    {
        $size = count($rows[0] ?? [0.0]);
        $system = [];
        for ($i = 0; $i < $size; $i++) {
            $row = array_fill(0, 2 * $size + 1, 0.0);
            $row[$size + 1 + $i] = 1.0;
            $system[] = $row;
        }
        foreach ($rows as $n => $row) {
            $weight = $weights === null ? 1.0 : $weights[$n] ** 2;
            for ($i = 0; $i < $size; $i++) {
                for ($j = 0; $j < $size; $j++) {
                    $system[$i][$j] += $weight * $row[$i] * $row[$j];
                }
                $system[$i][$size] += $weight * $row[$i] * $values[$n];
            }
        }

        return self::solved($system, $size);
    }

    /**
     * A polynomial, its lowest coefficient first.
     *
     * @param  list<float>  $at
     * @param  list<float>  $values
     * @param  ?list<float>  $weights
     * @return ?array{non-empty-list<float>, non-empty-list<float>}
     */
    public static function polynomial(array $at, array $values, int $degree, ?array $weights = null): ?array
    {
        $row = static fn (float $x): array => array_map(static fn (int $power): float => $x ** $power, range(0, $degree));

        return self::fit(array_map($row, $at), $values, $weights);
    }

    /**
     * Gauss and Jordan, by the largest pivot.
     *
     * @param  list<array<int, float>>  $system
     * @return ?array{non-empty-list<float>, non-empty-list<float>}
     */
    private static function solved(array $system, int $size): ?array
    {
        for ($i = 0; $i < $size; $i++) {
            $best = $i;
            for ($k = $i + 1; $k < $size; $k++) {
                $best = abs($system[$k][$i]) > abs($system[$best][$i]) ? $k : $best;
            }
            [$system[$i], $system[$best]] = [$system[$best], $system[$i]];
            $pivot = $system[$i][$i];
            if (abs($pivot) < self::NOTHING) {
                return null;
            }
            $system[$i] = array_map(static fn (float $v): float => $v / $pivot, $system[$i]);
            for ($k = 0; $k < $size; $k++) {
                $factor = $system[$k][$i];
                if ($k !== $i) {
                    $system[$k] = array_map(static fn (float $v, float $w): float => $v - $factor * $w, $system[$k], $system[$i]);
                }
            }
        }
        [$coefficients, $variances] = [[], []];
        for ($i = 0; $i < $size; $i++) {
            $coefficients[] = $system[$i][$size];
            $variances[] = $system[$i][$size + 1 + $i];
        }

        return $coefficients === [] ? null : [$coefficients, $variances];
    }
}
