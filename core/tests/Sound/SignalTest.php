<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sound;

use CleanRace\Core\Sound\Signal\Fourier;
use CleanRace\Core\Sound\Signal\LeastSquares;
use CleanRace\Core\Sound\Signal\Middle;
use LogicException;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The arithmetic that listening stands on. */
final class SignalTest extends TestCase
{
    #[TestWith([2])]
    #[TestWith([8])]
    #[TestWith([64])]
    #[TestWith([256])]
    public function test_the_transform_is_the_sum_that_it_stands_for(int $size): void
    {
        $chance = new Randomizer(new Mt19937($size));
        $draw = static fn (): float => $chance->getInt(-1000, 1000) / 1000;
        $real = array_map($draw, range(1, $size));
        $imaginary = array_map($draw, range(1, $size));
        [$r, $i] = [$real, $imaginary];
        Fourier::of($size)->transform($r, $i);
        foreach (range(0, $size - 1) as $k) {
            [$a, $b] = [0.0, 0.0];
            foreach ($real as $n => $x) {
                $angle = -2 * M_PI * $k * $n / $size;
                $a += $x * cos($angle) - $imaginary[$n] * sin($angle);
                $b += $x * sin($angle) + $imaginary[$n] * cos($angle);
            }
            self::assertEqualsWithDelta($a, $r[$k], 1e-9 * $size);
            self::assertEqualsWithDelta($b, $i[$k], 1e-9 * $size);
        }
    }

    public function test_power_is_the_same_before_and_after(): void
    {
        $real = array_map(static fn (int $n): float => sin(0.37 * $n) + 0.2 * cos(2.1 * $n), range(0, 1023));
        $imaginary = array_fill(0, 1024, 0.0);
        $power = array_sum(array_map(static fn (float $x): float => $x * $x, $real));
        Fourier::of(1024)->transform($real, $imaginary);
        $after = array_sum(array_map(static fn (float $a, float $b): float => $a * $a + $b * $b, $real, $imaginary)) / 1024;
        self::assertEqualsWithDelta($power, $after, 1e-9 * $power);
    }

    public function test_a_length_that_is_no_power_of_two_is_a_fault_of_the_program(): void
    {
        self::assertSame([64, 64, 128, 2], [Fourier::holding(33), Fourier::holding(64), Fourier::holding(64.1), Fourier::holding(0)]);
        $this->expectException(LogicException::class);
        Fourier::of(12);
    }

    public function test_middles_are_not_moved_by_a_wild_value(): void
    {
        self::assertSame(3.0, Middle::of([1.0, 2.0, 3.0, 4.0, 1e9]));
        self::assertSame(2.5, Middle::of([4.0, 1.0, 3.0, 2.0]));
        self::assertSame(1.75, Middle::share([1.0, 2.0, 3.0, 4.0], 0.25));
        self::assertEqualsWithDelta(1.4826, Middle::spread([1.0, 2.0, 3.0, 4.0, 1e9]), 1e-9);
        self::assertSame(0.0, Middle::of([]));
        self::assertSame(6.0, Middle::best([1.0, 7.0, 5.0, -3.0], 2));
        self::assertSame(2.0, Middle::deviation([1.0, 5.0]));
    }

    public function test_a_polynomial_is_found_again_and_a_weight_of_nothing_counts_for_nothing(): void
    {
        $at = [-1.0, -0.4, 0.1, 0.5, 0.9, 1.0];
        $curve = static fn (float $x): float => 2 - 3 * $x + 0.5 * $x ** 2 + 4 * $x ** 3;
        $values = array_map($curve, $at);
        [$found] = LeastSquares::polynomial($at, $values, 3) ?? self::fail('No fit.');
        foreach ([2, -3, 0.5, 4] as $power => $wanted) {
            self::assertEqualsWithDelta($wanted, $found[$power], 1e-9);
        }
        $values[2] = 1e3;
        [$found] = LeastSquares::polynomial($at, $values, 3, [1.0, 1.0, 0.0, 1.0, 1.0, 1.0]) ?? self::fail('No fit.');
        self::assertEqualsWithDelta(4, $found[3], 1e-9);
        self::assertNull(LeastSquares::polynomial([1.0, 1.0, 1.0], [1.0, 2.0, 3.0], 1));
    }

    public function test_the_variance_of_a_mean_is_that_of_one_over_their_count(): void
    {
        [$mean, $variance] = LeastSquares::polynomial([0.0, 0.0, 0.0, 0.0], [1.0, 2.0, 3.0, 6.0], 0) ?? self::fail('No fit.');
        self::assertEqualsWithDelta(3.0, $mean[0], 1e-12);
        self::assertEqualsWithDelta(0.25, $variance[0], 1e-12);
    }
}
