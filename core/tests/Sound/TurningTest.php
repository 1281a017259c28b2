<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sound;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Hearing\Turning;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;

/** From taps to turns. */
final class TurningTest extends TestCase
{
    /** @return list<float> when a wheel that slows passes, turn after turn, s */
    private static function passes(float $speed, float $slows, int $turns): array
    {
        $at = static fn (int $n): float => ($speed - sqrt($speed ** 2 - 2 * $slows * $n)) / $slows;

        return array_map(static fn (int $n): float => 2 + $at($n), range(0, $turns));
    }

    /** @param  array<int, float>  $taps */
    private static function by(array $taps): Turning
    {
        return Turning::by(Taps::at(array_values($taps))) ?? self::fail('No turning.');
    }

    public function test_a_wheel_that_slows_is_followed(): void
    {
        $turning = self::by(self::passes(2.5, 0.08, 25));
        self::assertSame(25, $turning->whole());
        self::assertEqualsWithDelta(2.5, $turning->speed(2.0), 0.02);
        self::assertEqualsWithDelta(2.5 - 0.08 * 6, $turning->speed(8.0), 0.01);
        self::assertEqualsWithDelta(2.5 * 6 - 0.04 * 36, $turning->turns(8.0) - $turning->turns(2.0), 0.01);
        self::assertSame(0.01, $turning->scatter);
    }

    public function test_one_too_many_and_one_missed_change_nothing(): void
    {
        $taps = self::passes(2.2, 0.05, 22);
        $odd = $taps;
        unset($odd[9]);
        $odd[] = $taps[4] + 0.06;
        $odd[] = $taps[17] + 0.08;
        [$whole, $mended] = [self::by($taps), self::by(array_values($odd))];
        self::assertSame($whole->whole(), $mended->whole());
        self::assertEqualsWithDelta($whole->speed(7.0), $mended->speed(7.0), 0.01);
    }

    public function test_scatter_is_that_of_the_taps(): void
    {
        $chance = new Chance(new Mt19937(5));
        $taps = array_map(static fn (float $t): float => $t + $chance->error(0.03), self::passes(2.4, 0.06, 30));
        self::assertEqualsWithDelta(0.03, self::by($taps)->scatter, 0.012);
    }

    public function test_a_tap_that_is_far_off_weighs_little(): void
    {
        $taps = self::passes(2.0, 0.05, 20);
        $whole = self::by($taps);
        $taps[10] += 0.15;
        self::assertEqualsWithDelta($whole->turns(7.0), self::by($taps)->turns(7.0), 0.02);
    }

    public function test_too_few_taps_or_turns_tell_nothing(): void
    {
        $taps = self::passes(2.0, 0.05, 20);
        self::assertNull(Turning::by(Taps::none()));
        self::assertNull(Turning::by(Taps::at(array_slice($taps, 0, 5))));
        self::assertNotNull(Turning::by(Taps::at(array_slice($taps, 0, 6))));
        self::assertNull(Turning::by(Taps::at([1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0])));
    }

    public function test_taps_are_put_in_order_and_nonsense_is_refused(): void
    {
        self::assertSame([1.0, 2.0], Taps::at([2.0, 1.0])->seconds);
        self::assertSame([1.0], Taps::at([2.0, 1.0])->within(1.5)->seconds);
        foreach ([[-0.1], [NAN], range(0, 500)] as $bad) {
            try {
                Taps::at(array_map(floatval(...), $bad));
                self::fail('It was taken.');
            } catch (InvalidInput $refused) {
                self::assertSame('passes', $refused->field);
            }
        }
    }
}
