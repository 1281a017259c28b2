<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sound;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Sound\Orders\DefectOrder;
use CleanRace\Core\Sound\Orders\DefectOrders;
use CleanRace\Core\Sound\Orders\DefectOrdersInput;
use CleanRace\Core\Sound\Orders\DefectOrdersResult;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where each part of a bearing speaks. */
final class DefectOrdersTest extends TestCase
{
    private static function of(DefectOrdersInput $input): DefectOrdersResult
    {
        return (new DefectOrders(Limits::standard()))->work($input);
    }

    /** @return array<string, DefectOrder> */
    private static function parts(DefectOrdersResult $result): array
    {
        return array_column($result->orders, null, 'part');
    }

    /** @return iterable<string, array{string, TurningRing, float, float, float, float}> number, ring; outer, inner, ball, cage */
    public static function known(): iterable
    {
        // Published of test stands whose shaft turns: 6205 and 6203 (d/Dp of their own sheets differ in the third digit).
        yield '6205, shaft' => ['6205', TurningRing::Inner, 3.585, 5.415, 4.711, 0.398];
        yield '6203, shaft' => ['6203', TurningRing::Inner, 3.053, 4.947, 3.987, 0.382];
        // The same with the hub turning: outer and inner change places but for the cage, which goes the other way about.
        yield '6205, hub' => ['6205', TurningRing::Outer, 3.585, 5.415, 4.711, 0.602];
    }

    #[DataProvider('known')]
    public function test_orders_are_those_that_are_known(
        string $number,
        TurningRing $ring,
        float $outer,
        float $inner,
        float $ball,
        float $cage,
    ): void {
        $parts = self::parts(self::of(new DefectOrdersInput($number, turning: $ring)));
        foreach (['outer_ring' => $outer, 'inner_ring' => $inner, 'ball' => $ball, 'cage' => $cage] as $part => $order) {
            // Their ball circles lie a hair outside the middle of the two diameters, which a ball's own turning shows most.
            $off = $part === 'ball' ? 0.02 : 0.01;
            self::assertEqualsWithDelta($order, $parts[$part]->order, $off * $order, "$number: $part");
        }
    }

    public function test_outer_and_inner_together_make_all_the_balls_and_each_lies_within_its_range(): void
    {
        foreach (Table::rows('ball_sets') as $row) {
            foreach (TurningRing::cases() as $ring) {
                $result = self::of(new DefectOrdersInput($row['number'], turning: $ring));
                $parts = self::parts($result);
                self::assertEqualsWithDelta((int) $row['balls'], $parts['outer_ring']->order + $parts['inner_ring']->order, 1e-9);
                self::assertLessThan($parts['inner_ring']->order, $parts['outer_ring']->order, 'the inner ring speaks oftener');
                foreach ($parts as $part) {
                    self::assertTrue($part->least < $part->order && $part->order < $part->most, "{$row['number']}: {$part->part}");
                    self::assertLessThan(0.09, ($part->most - $part->least) / $part->order);
                }
                self::assertFalse($result->guessed);
                self::assertSame(Level::Go, $result->verdict->level);
            }
        }
    }

    public function test_the_listed_balls_fill_their_circle_as_balls_do_and_grow_with_the_bearing(): void
    {
        $last = [];
        foreach (Table::rows('ball_sets') as $row) {
            $result = self::of(new DefectOrdersInput($row['number']));
            $bearing = self::of(new DefectOrdersInput(null, ...self::sizes($row['number'])));
            self::assertTrue($bearing->guessed);
            self::assertLessThanOrEqual(1, abs($bearing->balls - $result->balls), 'the guess is within one ball of the list');
            self::assertEqualsWithDelta($result->ball->mm, $bearing->ball->mm, 0.14 * $result->ball->mm, $row['number']);
            $series = substr($row['number'], 0, 2);
            self::assertGreaterThanOrEqual($last[$series] ?? 0, (float) $row['ball_mm'], $row['number']);
            $last[$series] = (float) $row['ball_mm'];
        }
    }

    /** @return array{bore: Length, outside: Length} */
    private static function sizes(string $number): array
    {
        foreach (Table::rows('bearings') as $row) {
            if ($row['number'] === $number) {
                return ['bore' => Length::mm((float) $row['bore_mm']), 'outside' => Length::mm((float) $row['outside_mm'])];
            }
        }
        self::fail($number);
    }

    public function test_hertz_follow_the_speed_and_a_guess_is_said_to_be_one(): void
    {
        $slow = self::of(new DefectOrdersInput('6204', turnsAMinute: 60));
        $fast = self::of(new DefectOrdersInput('6204', turnsAMinute: 180));
        foreach ($slow->orders as $i => $order) {
            self::assertEqualsWithDelta($order->order, $order->hz, 1e-9, 'a turn a second');
            self::assertEqualsWithDelta(3 * $order->hz, $fast->orders[$i]->hz, 1e-9);
        }
        $guess = self::of(new DefectOrdersInput(null, Length::mm(22), Length::mm(50)));
        self::assertSame([true, Level::Care], [$guess->guessed, $guess->verdict->level]);
        $known = self::parts(self::of(new DefectOrdersInput('6204')))['inner_ring'];
        $guessed = self::parts(self::of(new DefectOrdersInput(null, Length::mm(20), Length::mm(47))))['inner_ring'];
        self::assertGreaterThan($known->most - $known->least, $guessed->most - $guessed->least, 'a guess is looked for wider');
    }

    public function test_what_has_no_such_balls_is_refused(): void
    {
        foreach (['30204', '3204'] as $number) {
            try {
                self::of(new DefectOrdersInput($number));
                self::fail($number);
            } catch (InvalidInput $refused) {
                self::assertSame('number', $refused->field);
            }
        }
        $this->expectExceptionObject(InvalidInput::boreNotSmaller());
        new DefectOrdersInput(null, Length::mm(47), Length::mm(20));
    }

    public function test_something_must_be_said_of_the_bearing(): void
    {
        $this->expectExceptionMessage('Give the number of the bearing');
        new DefectOrdersInput(null, Length::mm(20));
    }
}
