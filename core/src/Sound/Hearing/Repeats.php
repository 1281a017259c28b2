<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\Fourier;

/**
 * Whether something repeats in a recording of a wheel that slows, though nobody tapped its turns: time is bent in each of the ways
 * in which wheels slow, and the way in which a line stands clearest is taken.
 */
final readonly class Repeats
{
    private const POINTS = 4096;

    /** Speed at the end, in shares of that at the start. */
    private const ENDS = [0.08, 0.12, 0.16, 0.2, 0.25, 0.3, 0.36, 0.42, 0.48, 0.54, 0.6, 0.66, 0.72, 0.78, 0.84, 0.9, 0.95, 1.0];

    /** How its slowing bends. */
    private const BENDS = [-0.15, 0.0, 0.15];

    /** Times a second, from and to, that a wheel or a bearing of one can repeat at in the middle of its run. */
    private const SLOWEST = 0.8;

    private const FASTEST = 40.0;

    private function __construct()
    {
    }

    /** Times a second, on the whole; null when nothing stands out. */
    public static function in(BandEnvelopes $envelopes, float $from, float $clear): ?float
    {
        $swings = array_map(Swing::of(...), $envelopes->power);
        $swing = array_map(static fn (float ...$at): float => array_sum($at) / count($at), ...$swings);
        $seconds = $envelopes->seconds() - $from;
        [$best, $line, $at] = [0.0, [], 0.0];
        foreach (self::ENDS as $end) {
            foreach (self::BENDS as $bend) {
                $power = self::spectrum($swing, $from, $seconds, $end, $bend);
                $sum = array_sum($power);
                [$high, $where] = [0.0, 0];
                foreach ($power as $k => $p) {
                    if ($p > $high) {
                        [$high, $where] = [$p, $k];
                    }
                }
                if ($sum > 0 && $high / $sum > $best) {
                    [$best, $line, $at] = [$high / $sum, $power, $where];
                }
            }
        }
        if ($line === []) {
            return null;
        }
        $beside = OrderSpectra::besideMiddle($line, 2 * $seconds);

        return log($beside[(int) $at] + 1e-9) > $clear ? self::SLOWEST + $at / (2 * $seconds) : null;
    }

    /**
     * @param  list<float>  $swing 500 a second
     * @return list<float> power, by half the resolution, from the slowest
     */
    private static function spectrum(array $swing, float $from, float $seconds, float $end, float $bend): array
    {
        // Turned by the share u of the time: u − (1 − R)u²/2 + q(u³/3 − u²/2), of one at the end.
        $turned = static fn (float $u): float => $u - (1 - $end) * $u ** 2 / 2 + $bend * ($u ** 3 / 3 - $u ** 2 / 2);
        $whole = $turned(1.0);
        [$real, $u, $last] = [[], 0.0, count($swing) - 1];
        for ($i = 0; $i < self::POINTS; $i++) {
            $wanted = $whole * $i / self::POINTS;
            for ($step = 0; $step < 2; $step++) {
                $speed = max(0.02, 1 - (1 - $end) * $u + $bend * ($u ** 2 - $u));
                $u = max(0.0, min(1.0, $u + ($wanted - $turned($u)) / $speed));
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
        for ($k = (int) (2 * self::SLOWEST * $seconds), $to = (int) (2 * self::FASTEST * $seconds); $k < $to; $k++) {
            $power[] = $real[$k] ** 2 + $imaginary[$k] ** 2;
        }

        return $power;
    }
}
