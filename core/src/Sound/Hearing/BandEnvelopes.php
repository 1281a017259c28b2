<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Signal\Fourier;
use CleanRace\Core\Sound\Wave\HalfRate;
use CleanRace\Core\Sound\Wave\WaveFile;

/**
 * How strong a recording is in each band, five hundred times a second: short frames under a Hann window, two of them in one
 * transform. A part of a bearing that is hurt rings the wheel at its own notes; how often it does is in these, not in the notes
 * (Randall and Antoni, Rolling element bearing diagnostics: a tutorial, 2011).
 */
final readonly class BandEnvelopes
{
    /** How many a second. */
    public const RATE = 500;

    /** Bounds of the bands, Hz. */
    private const EDGES = [500, 1000, 1750, 2750, 4000, 5500, 7250];

    /** A band counts whose middle is below this share of the rate of recording. */
    private const HEARD = 0.45;

    private const FRAME_S = 0.004;

    /** A recording above this rate is halved first, Hz. */
    private const FAST = 48_000;

    /**
     * @param  non-empty-list<list<float>>  $power for each band, in shares of full scale squared
     * @param  list<array{int, int}>  $edges of the bands, Hz
     * @param  Loudness  $loudness of the samples themselves
     */
    private function __construct(public array $power, public array $edges, public Loudness $loudness)
    {
    }

    /** @throws InvalidInput when there is nothing on it */
    public static function of(WaveFile $file): self
    {
        [$pieces, $rate] = $file->rate > self::FAST ? [HalfRate::of($file->pieces()), $file->rate / 2] : [$file->pieces(), $file->rate];
        $fourier = Fourier::of(Fourier::holding(self::FRAME_S * $rate));
        [$bins, $edges] = self::bins($fourier->size, $rate);
        $window = self::window($fourier->size);
        $power = array_fill(0, max(1, count($bins)), []);
        $loudness = new LoudnessMeter($file->rate > self::FAST ? self::FAST : (int) $rate);
        [$held, $from, $frame, $hop, $size] = [[], 0, 0, $rate / self::RATE, $fourier->size];
        foreach ($pieces as $piece) {
            $loudness->take($piece);
            $held = [...$held, ...$piece];
            $until = $from + count($held);
            while (($second = (int) round(($frame + 1) * $hop)) + $size <= $until) {
                $first = (int) round($frame * $hop) - $from;
                $second -= $from;
                [$real, $imaginary] = [[], []];
                foreach ($window as $i => $share) {
                    $real[] = $share * $held[$first + $i];
                    $imaginary[] = $share * $held[$second + $i];
                }
                $fourier->transform($real, $imaginary);
                self::split($real, $imaginary, $size, $bins, $power);
                $frame += 2;
            }
            $gone = (int) round($frame * $hop) - $from;
            $held = array_slice($held, $gone);
            $from += $gone;
        }
        $heard = $loudness->loudness();
        if ($heard->peak === 0.0) {
            throw InvalidInput::about('file', 'There is nothing on it but silence: the microphone was off, or not allowed.');
        }

        return new self($power, $edges, $heard);
    }

    public function count(): int
    {
        return count($this->power[0]);
    }

    public function seconds(): float
    {
        return $this->count() / self::RATE;
    }

    /**
     * The power of two real frames from the one transform that took them as its two parts, summed for each band.
     *
     * @param  array<int, float>  $real
     * @param  array<int, float>  $imaginary
     * @param  list<array{int, int}>  $bins
     * @param  non-empty-list<list<float>>  $power
     *
     * @param-out non-empty-list<list<float>> $power
     */
    private static function split(array $real, array $imaginary, int $size, array $bins, array &$power): void
    {
        foreach ($bins as $band => [$low, $high]) {
            [$first, $second] = [0.0, 0.0];
            for ($k = $low; $k < $high; $k++) {
                $m = $size - $k;
                $first += ($real[$k] + $real[$m]) ** 2 + ($imaginary[$k] - $imaginary[$m]) ** 2;
                $second += ($imaginary[$k] + $imaginary[$m]) ** 2 + ($real[$m] - $real[$k]) ** 2;
            }
            // A quarter for the split, twice for the half of the spectrum that is its mirror.
            $power[$band][] = 0.5 * $first;
            $power[$band][] = 0.5 * $second;
        }
    }

    /** @return array{list<array{int, int}>, list<array{int, int}>} first bin and one past the last, and Hz, for each band that is heard */
    private static function bins(int $size, float $rate): array
    {
        [$bins, $edges] = [[], []];
        for ($band = 0; $band + 1 < count(self::EDGES); $band++) {
            [$low, $high] = [self::EDGES[$band], self::EDGES[$band + 1]];
            if (($low + $high) / 2 < self::HEARD * $rate) {
                $first = (int) round($low * $size / $rate);
                $bins[] = [$first, max($first + 1, min($size >> 1, (int) round($high * $size / $rate)))];
                $edges[] = [$low, $high];
            }
        }

        return [$bins, $edges];
    }

    /** @return list<float> Hann, scaled so that a band's power is that of the samples in it */
    private static function window(int $size): array
    {
        $window = [];
        for ($i = 0; $i < $size; $i++) {
            $window[] = 0.5 - 0.5 * cos(2 * M_PI * ($i + 0.5) / $size);
        }
        $scale = 1 / sqrt($size * array_sum(array_map(static fn (float $w): float => $w * $w, $window)));

        return array_map(static fn (float $w): float => $scale * $w, $window);
    }
}
