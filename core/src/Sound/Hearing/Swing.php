<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

/**
 * How the strength of one band swings about its own moving middle: nought is as usual, one twice as strong. What a slowing wheel
 * loses is taken out.
 */
final readonly class Swing
{
    private const AROUND_S = 0.8;

    private const LEAST = -1.0;

    private const MOST = 5.0;

    private const QUIET = 1e-13;

    private function __construct()
    {
    }

    /**
     * @param  list<float>  $power
     * @param  array<int, true>  $covered frames that are left out of the middle
     * @return list<float>
     */
    public static function of(array $power, array $covered = []): array
    {
        [$sums, $counts] = [[0.0], [0]];
        [$sum, $count] = [0.0, 0];
        foreach ($power as $i => $p) {
            if (! isset($covered[$i])) {
                $sum += 0.5 * log($p + self::QUIET);
                $count++;
            }
            $sums[] = $sum;
            $counts[] = $count;
        }
        $side = (int) round(0.5 * self::AROUND_S * BandEnvelopes::RATE);
        $last = count($power);
        $swing = [];
        foreach ($power as $i => $p) {
            $from = $i > $side ? $i - $side : 0;
            $to = $i + $side + 1 < $last ? $i + $side + 1 : $last;
            $of = $counts[$to] - $counts[$from];
            $x = $of === 0 ? 0.0 : sqrt($p + self::QUIET) / exp(($sums[$to] - $sums[$from]) / $of) - 1;
            $swing[] = $x > self::MOST ? self::MOST : max(self::LEAST, $x);
        }

        return $swing;
    }

    /**
     * The same with nothing in blocks that something else was louder in, nor under the sound of taps.
     *
     * @param  list<float>  $swing
     * @param  array<int, true>  $gated blocks
     * @param  array<int, true>  $covered frames
     * @return array{array<int, float>, array<int, bool>} the swing, and which frames count
     */
    public static function without(array $swing, array $gated, array $covered): array
    {
        $block = (int) round(Levels::BLOCK_S * BandEnvelopes::RATE);
        $counts = [];
        foreach ($swing as $i => $x) {
            $counts[] = ! isset($covered[$i]) && ! isset($gated[intdiv($i, $block)]);
            $swing[$i] = $counts[$i] ? $x : 0.0;
        }

        return [$swing, $counts];
    }
}
