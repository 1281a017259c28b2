<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\LeastSquares;
use CleanRace\Core\Sound\Signal\Middle;

/**
 * Levels of the bands, block by block, against what a wheel that slows would make by its speed alone: what is left over is talk,
 * wind and hands. Decibels of full scale.
 */
final readonly class Levels
{
    public const BLOCK_S = 0.1;

    private const BLOCK = 50;

    /** Frames of a block that have to be free of taps for it to count. */
    private const FEWEST = 8;

    /** Of all blocks, the rest before the spin among them: so many are quieter than what counts as the floor. */
    private const FLOOR = 0.02;

    private const BEST = 3;

    private const WILD_DB = 2.0;

    private const WILD_SPREADS = 3.0;

    private const LOUDEST = 0.95;

    private const QUIET = 1e-13;

    /**
     * @param  array<int, true>  $gated blocks of the recording that something else was louder in
     * @param  float  $gatedShare of the blocks while it turned
     * @param  float  $unrest spread of what all bands have in common beside the speed, dB
     * @param  float  $wobble standard deviation of what is left over, middle of the bands, dB
     * @param  float  $over how far the three clearest bands stand over their floor, dB
     * @param  float  $slope how level rises with speed: 1 is twice as strong at twice the speed
     * @param  float  $blows how far the loudest twentieth of the blocks stands over their middle, in what all bands have in common, dB
     * @param  list<array{float, float, float}>  $bands level of each at the middle speed, and by the powers of log10 of the share of it
     * @param  float  $middleSpeed turns/s
     * @param  array{float, float}  $speeds slowest and fastest, turns/s
     */
    private function __construct(
        public array $gated,
        public float $gatedShare,
        public float $unrest,
        public float $wobble,
        public float $over,
        public float $slope,
        public float $blows,
        public array $bands,
        public float $middleSpeed,
        public array $speeds,
    ) {
    }

    public static function of(BandEnvelopes $envelopes, Turning $turning, TapNoise $blanked): self
    {
        $speeds = self::speeds($envelopes, $turning);
        $covered = $blanked->frames();
        [$left, $raw, $slopes, $over, $bands] = [[], [], [], [], []];
        foreach ($envelopes->power as $power) {
            $all = self::blocks($power, $covered);
            $floor = Middle::share($all, self::FLOOR);
            $heard = array_intersect_key($all, $speeds);
            [$residual, $fit] = self::besideSpeed(array_values($heard), array_values($speeds));
            $raw[] = $residual;
            $left[] = self::overATurn($residual, array_values($speeds));
            $slopes[] = $fit[1] / 20;
            $bands[] = $fit;
            $over[] = Middle::of(array_values($heard)) - $floor;
        }
        $common = self::common($left);
        $single = self::common($raw);
        $middle = Middle::of($common);
        $unrest = Middle::spread($common);
        $wild = max(self::WILD_DB, self::WILD_SPREADS * $unrest);
        [$gated, $counted] = [[], 0];
        foreach (array_keys($speeds) as $i => $block) {
            $wildly = abs($common[$i] - $middle) > $wild;
            if ($wildly) {
                $gated[$block] = true;
            }
            $counted += $wildly && ! $blanked->holdsBlock($block * self::BLOCK_S) ? 1 : 0;
        }

        return new self(
            $gated,
            $counted / max(1, count($speeds)),
            $unrest,
            Middle::of(array_map(Middle::deviation(...), $left)),
            Middle::best($over, self::BEST),
            Middle::of($slopes),
            Middle::share($single, self::LOUDEST) - Middle::of($single),
            $bands,
            10 ** Middle::of(array_map(log10(...), array_values($speeds))),
            [min(INF, ...array_values($speeds)), max(0.0, ...array_values($speeds))],
        );
    }

    /** Level of a band at such a speed, dB. */
    public function at(int $band, float $speed): float
    {
        $x = log10($speed / $this->middleSpeed);

        return $this->bands[$band][0] + $this->bands[$band][1] * $x + $this->bands[$band][2] * $x ** 2;
    }

    /**
     * @param  non-empty-list<list<float>>  $bands
     * @return list<float> middle of the bands, block by block
     */
    private static function common(array $bands): array
    {
        $common = [];
        foreach (array_keys($bands[0]) as $i) {
            $common[] = Middle::of(array_column($bands, $i));
        }

        return $common;
    }

    /**
     * Decibels of each block; of one that is nearly all covered up, those of the one before.
     *
     * @param  list<float>  $power
     * @param  array<int, true>  $covered frames
     * @return list<float>
     */
    public static function blocks(array $power, array $covered = []): array
    {
        [$blocks, $last] = [[], 10 * log10(self::QUIET)];
        for ($from = 0, $end = count($power) - self::BLOCK; $from <= $end; $from += self::BLOCK) {
            [$sum, $count] = [0.0, 0];
            for ($i = $from; $i < $from + self::BLOCK; $i++) {
                if (! isset($covered[$i])) {
                    $sum += $power[$i];
                    $count++;
                }
            }
            $last = $count < self::FEWEST ? $last : 10 * log10(self::QUIET + $sum / $count);
            $blocks[] = $last;
        }

        return $blocks;
    }

    /** @return array<int, float> turns a second in the middle of each block while it turned */
    private static function speeds(BandEnvelopes $envelopes, Turning $turning): array
    {
        $speeds = [];
        for ($i = 0, $count = intdiv($envelopes->count(), self::BLOCK); $i < $count; $i++) {
            if ($i * self::BLOCK_S >= $turning->from && ($i + 1) * self::BLOCK_S <= $turning->to) {
                $speeds[$i] = $turning->speed(($i + 0.5) * self::BLOCK_S);
            }
        }

        return $speeds;
    }

    /**
     * @param  list<float>  $levels
     * @param  list<float>  $speeds
     * @return array{list<float>, array{float, float, float}} what is left of each, and the level by powers of the logarithm of speed
     */
    private static function besideSpeed(array $levels, array $speeds): array
    {
        $at = array_map(log10(...), $speeds);
        $middle = Middle::of($at);
        $from = array_map(static fn (float $v): float => $v - $middle, $at);
        [$fitted] = LeastSquares::polynomial($from, $levels, 2) ?? LeastSquares::polynomial($from, $levels, 0) ?? [[0.0], [0.0]];
        $fit = [$fitted[0], $fitted[1] ?? 0.0, $fitted[2] ?? 0.0];
        $left = [];
        foreach ($levels as $i => $level) {
            $left[] = $level - $fit[0] - $fit[1] * $from[$i] - $fit[2] * $from[$i] ** 2;
        }

        return [$left, $fit];
    }

    /**
     * Moving mean over the blocks of one turn, whatever comes once in it.
     *
     * @param  list<float>  $values
     * @param  list<float>  $speeds
     * @return list<float>
     */
    private static function overATurn(array $values, array $speeds): array
    {
        $smooth = [];
        foreach ($speeds as $i => $speed) {
            $side = (int) round(0.5 / ($speed * self::BLOCK_S));
            $from = max(0, $i - $side);
            $some = array_slice($values, $from, $i + $side + 1 - $from);
            $smooth[] = Middle::mean($some);
        }

        return $smooth;
    }
}
