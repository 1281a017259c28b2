<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Signal;

use LogicException;

/** The discrete Fourier transform of one length, a power of two, in place (Cooley and Tukey, decimation in time). */
final readonly class Fourier
{
    /**
     * @param  list<int>  $reversed each index with its bits turned round
     * @param  list<float>  $cosine of −2πk/size, for the first half
     * @param  list<float>  $sine
     */
    private function __construct(public int $size, private array $reversed, private array $cosine, private array $sine)
    {
    }

    public static function of(int $size): self
    {
        if ($size < 2 || ($size & ($size - 1)) !== 0) {
            throw new LogicException("A transform of $size points is not a power of two.");
        }
        $reversed = [0];
        for ($i = 1; $i < $size; $i++) {
            $reversed[] = $reversed[$i >> 1] >> 1 | (($i & 1) === 1 ? $size >> 1 : 0);
        }
        [$cosine, $sine] = [[], []];
        for ($k = 0; $k < $size >> 1; $k++) {
            $cosine[] = cos(-2 * M_PI * $k / $size);
            $sine[] = sin(-2 * M_PI * $k / $size);
        }

        return new self($size, $reversed, $cosine, $sine);
    }

    /** The smallest power of two that holds so many. */
    public static function holding(float $points): int
    {
        return 1 << (int) ceil(log(max(2.0, $points), 2) - 1e-9);
    }

    /**
     * @param  array<int, float>  $real
     * @param  array<int, float>  $imaginary
     *
     * @param-out array<int, float> $real
     * @param-out array<int, float> $imaginary
     */
    public function transform(array &$real, array &$imaginary): void
    {
        $size = $this->size;
        foreach ($this->reversed as $i => $j) {
            if ($j > $i) {
                [$real[$i], $real[$j]] = [$real[$j], $real[$i]];
                [$imaginary[$i], $imaginary[$j]] = [$imaginary[$j], $imaginary[$i]];
            }
        }
        for ($half = 1; $half < $size; $half <<= 1) {
            $whole = $half << 1;
            for ($a = 0; $a < $size; $a += $whole) {
                $b = $a + $half;
                [$r, $i] = [$real[$b], $imaginary[$b]];
                $real[$b] = $real[$a] - $r;
                $imaginary[$b] = $imaginary[$a] - $i;
                $real[$a] += $r;
                $imaginary[$a] += $i;
            }
            $step = intdiv($size, $whole);
            for ($k = 1; $k < $half; $k++) {
                $c = $this->cosine[$k * $step];
                $s = $this->sine[$k * $step];
                for ($a = $k; $a < $size; $a += $whole) {
                    $b = $a + $half;
                    $r = $c * $real[$b] - $s * $imaginary[$b];
                    $i = $c * $imaginary[$b] + $s * $real[$b];
                    $real[$b] = $real[$a] - $r;
                    $imaginary[$b] = $imaginary[$a] - $i;
                    $real[$a] += $r;
                    $imaginary[$a] += $i;
                }
            }
        }
    }
}
