<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\Fourier;
use CleanRace\Core\Sound\Signal\Middle;

/**
 * How strong each order is, times a turn, beside its surroundings: one is what chance leaves. A spectrum for each band, one for their
 * mean, one for the strongest three at each order.
 */
final readonly class OrderSpectra
{
    /** Highest order that is looked at. */
    public const MOST = 30.0;

    /** Median of what follows an exponential distribution, in shares of its mean. */
    private const EXPONENTIAL = 0.693;

    private const SURROUNDINGS = 1.5;

    /** The surroundings are looked at so many times an order, and read between. */
    private const LOOKS = 8;

    private const STRONGEST = 3;

    /** What the mean of the strongest three of several that chance made comes to. */
    private const STRONGEST_MEAN = 1.6;

    private const NOTHING = 1e-30;

    /**
     * @param  int  $size of the transform
     * @param  list<list<float>>  $spectra by bin; an order is so many bins: `perOrder`
     */
    private function __construct(public int $size, public float $perOrder, public array $spectra)
    {
    }

    /** @param  non-empty-list<list<float>>  $bands 64 places a turn */
    public static function of(array $bands): self
    {
        $length = count($bands[0]);
        $size = Fourier::holding(2 * $length);
        $fourier = Fourier::of($size);
        $perOrder = $size / TurnTable::PLACES;
        $bins = (int) floor(self::MOST * $perOrder) + 1;
        $window = [];
        for ($i = 0; $i < $length; $i++) {
            $window[] = 0.5 - 0.5 * cos(2 * M_PI * ($i + 0.5) / $length);
        }
        $spectra = [];
        // Two bands in one transform, as its two parts.
        foreach (array_chunk($bands, 2) as $pair) {
            $parts = array_map(static fn (array $band): array => self::windowed($band, $window, $size), $pair);
            [$real, $imaginary] = [$parts[0], $parts[1] ?? array_fill(0, $size, 0.0)];
            $fourier->transform($real, $imaginary);
            [$first, $second] = [[], []];
            for ($k = 0; $k < $bins; $k++) {
                $m = ($size - $k) % $size;
                $first[] = ($real[$k] + $real[$m]) ** 2 + ($imaginary[$k] - $imaginary[$m]) ** 2;
                $second[] = ($imaginary[$k] + $imaginary[$m]) ** 2 + ($real[$m] - $real[$k]) ** 2;
            }
            $spectra[] = self::besideSurroundings($first, $perOrder);
            if (isset($parts[1])) {
                $spectra[] = self::besideSurroundings($second, $perOrder);
            }
        }

        return new self($size, $perOrder, [...$spectra, self::meanOf($spectra), self::strongestOf($spectra)]);
    }

    /** The strongest line between two orders in the mean of the bands, as a logarithm: nought is chance. */
    public function strongest(float $low, float $high): float
    {
        $mean = $this->mean();
        $from = (int) floor($low * $this->perOrder);
        $most = max(array_slice($mean, $from, (int) ceil($high * $this->perOrder) + 1 - $from) ?: [1.0]);

        return round(log($most + 1e-9), 2);
    }

    /** @return list<float> by bin, the mean of the bands */
    public function mean(): array
    {
        return $this->spectra[count($this->spectra) - 2];
    }

    /** @return list<float> by bin, the mean of the strongest three bands there */
    public function strongestThree(): array
    {
        return $this->spectra[count($this->spectra) - 1];
    }

    /** The order of the highest line of the mean, from such an order up. */
    public function highest(float $from): float
    {
        [$best, $at] = [-INF, 0];
        foreach ($this->mean() as $bin => $strength) {
            if ($strength > $best && $bin >= $from * $this->perOrder) {
                [$best, $at] = [$strength, $bin];
            }
        }

        return $at / $this->perOrder;
    }

    /**
     * @param  list<float>  $band
     * @param  list<float>  $window
     * @return list<float>
     */
    private static function windowed(array $band, array $window, int $size): array
    {
        $mean = Middle::mean($band);
        $windowed = array_map(static fn (float $v, float $w): float => ($v - $mean) * $w, $band, $window);

        return array_pad($windowed, $size, 0.0);
    }

    /**
     * @param  list<float>  $power
     * @return list<float>
     */
    private static function besideSurroundings(array $power, float $perOrder): array
    {
        return array_map(static fn (float $s): float => self::EXPONENTIAL * $s, self::besideMiddle($power, $perOrder));
    }

    /**
     * Moving mean over so many bins to each side.
     *
     * @param  list<float>  $power
     * @return list<float>
     */
    public static function smoothed(array $power, float $bins): array
    {
        [$sums, $sum] = [[0.0], 0.0];
        foreach ($power as $p) {
            $sum += $p;
            $sums[] = $sum;
        }
        $side = (int) round($bins);
        [$smooth, $last] = [[], count($power)];
        for ($i = 0; $i < $last; $i++) {
            [$from, $to] = [max(0, $i - $side), min($last, $i + $side + 1)];
            $smooth[] = ($sums[$to] - $sums[$from]) / ($to - $from);
        }

        return $smooth;
    }

    /**
     * Each over the middle of its surroundings.
     *
     * @param  list<float>  $power
     * @return list<float>
     */
    public static function besideMiddle(array $power, float $perOrder): array
    {
        $step = max(1, (int) ($perOrder / self::LOOKS));
        $side = (int) (self::SURROUNDINGS * $perOrder);
        $last = count($power) - 1;
        $looks = [];
        for ($at = 0; $at <= $last + $step; $at += $step) {
            $from = max(0, $at - $side);
            $looks[] = Middle::of(array_slice($power, $from, min($last, $at + $side) + 1 - $from)) + self::NOTHING;
        }
        $beside = [];
        foreach ($power as $i => $p) {
            $look = intdiv($i, $step);
            $share = ($i - $look * $step) / $step;
            $beside[] = $p / ((1 - $share) * $looks[$look] + $share * $looks[$look + 1]);
        }

        return $beside;
    }

    /**
     * @param  list<list<float>>  $spectra
     * @return list<float>
     */
    private static function meanOf(array $spectra): array
    {
        return array_map(static fn (float ...$at): float => array_sum($at) / count($at), ...$spectra);
    }

    /**
     * @param  list<list<float>>  $spectra
     * @return list<float>
     */
    private static function strongestOf(array $spectra): array
    {
        return array_map(static function (float ...$at): float {
            rsort($at);

            return array_sum(array_slice($at, 0, self::STRONGEST)) / min(self::STRONGEST, count($at)) / self::STRONGEST_MEAN;
        }, ...$spectra);
    }
}
