<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\Fourier;

/**
 * How a wheel slowed, though nobody tapped its turns: time is bent in each of the ways in which wheels slow, and the way in which a
 * single line stands clearest is taken. How fast it turned that does not tell.
 */
final readonly class Untimed
{
    private const POINTS = 4096;

    /** Speed at the end, in shares of that at the start. */
    private const ENDS = [0.08, 0.12, 0.16, 0.2, 0.25, 0.3, 0.36, 0.42, 0.48, 0.54, 0.6, 0.66, 0.72, 0.78, 0.84, 0.9, 0.95, 1.0];

    /** How its slowing bends. */
    private const BENDS = [-0.15, 0.0, 0.15];

    /** Lines are looked for from here, times a second in the middle of the run. */
    private const LINE_LEAST = 0.8;

    private const LINE_MOST = 40.0;

    private function __construct()
    {
    }

    /**
     * @param  list<float>  $swing 500 a second
     * @return Turning of one turn in all
     */
    public static function run(array $swing, float $from, float $to): Turning
    {
        return Turning::along($from, $to, self::curve(...self::bent($swing, $from, $to - $from)));
    }

    /**
     * @param  list<float>  $swing 500 a second
     * @return array{float, float} speed at the end in shares of that at the start, and how the slowing bends
     */
    private static function bent(array $swing, float $from, float $seconds): array
    {
        [$best, $bent] = [0.0, [1.0, 0.0]];
        foreach (self::ENDS as $end) {
            foreach (self::BENDS as $bend) {
                $power = self::spectrum($swing, $from, $seconds, $end, $bend);
                $sum = array_sum($power);
                $share = $power !== [] && $sum > 0 ? max($power) / $sum : 0.0;
                if ($share > $best) {
                    [$best, $bent] = [$share, [$end, $bend]];
                }
            }
        }

        return $bent;
    }

    /** Turned by the share u of the time: u − (1 − R)u²/2 + q(u³/3 − u²/2). */
    private static function turned(float $u, float $end, float $bend): float
    {
        return $u - (1 - $end) * $u ** 2 / 2 + $bend * ($u ** 3 / 3 - $u ** 2 / 2);
    }

    /** @return non-empty-list<float> the same of one at the end, by powers of x = 2u − 1 */
    private static function curve(float $end, float $bend): array
    {
        [$square, $cube, $whole] = [-(1 - $end) / 2 - $bend / 2, $bend / 3, self::turned(1.0, $end, $bend)];

        return array_map(static fn (float $c): float => $c / $whole, [
            1 / 2 + $square / 4 + $cube / 8,
            1 / 2 + $square / 2 + 3 * $cube / 8,
            $square / 4 + 3 * $cube / 8,
            $cube / 8,
        ]);
    }

    /**
     * @param  list<float>  $swing 500 a second
     * @return list<float> power, by half the resolution, from the slowest
     */
    private static function spectrum(array $swing, float $from, float $seconds, float $end, float $bend): array
    {
        $whole = self::turned(1.0, $end, $bend);
        [$real, $u, $last] = [[], 0.0, count($swing) - 1];
        for ($i = 0; $i < self::POINTS; $i++) {
            $wanted = $whole * $i / self::POINTS;
            for ($step = 0; $step < 2; $step++) {
                $speed = max(0.02, 1 - (1 - $end) * $u + $bend * ($u ** 2 - $u));
                $u = max(0.0, min(1.0, $u + ($wanted - self::turned($u, $end, $bend)) / $speed));
            }
            $at = min($last - 1.0, ($from + $u * $seconds) * BandEnvelopes::RATE);
            $k = (int) $at;
            $value = $swing[$k] + ($at - $k) * ($swing[$k + 1] - $swing[$k]);
            $real[] = $value * (0.5 - 0.5 * cos(2 * M_PI * ($i + 0.5) / self::POINTS));
        }
        $real = array_pad($real, 2 * self::POINTS, 0.0);
        $imaginary = array_fill(0, 2 * self::POINTS, 0.0);
        Fourier::of(2 * self::POINTS)->transform($real, $imaginary);
        $power = [];
        for ($k = (int) (2 * self::LINE_LEAST * $seconds), $to = (int) (2 * self::LINE_MOST * $seconds); $k < $to; $k++) {
            $power[] = $real[$k] ** 2 + $imaginary[$k] ** 2;
        }

        return $power;
    }
}
