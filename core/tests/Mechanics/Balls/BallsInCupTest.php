<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Balls;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Balls\BallsInCup;
use CleanRace\Core\Mechanics\Balls\BallsInCupInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How many loose balls belong in a cup. */
final class BallsInCupTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    /**
     * @return iterable<string, array{float, ?int, int, int, string, Level}> circle, found, side by side, taken, key, level; all with 1/4 in
     */
    public static function balls(): iterable
    {
        yield 'worked figure' => [21.0, null, 10, 10, 'cup_balls.take', Level::Go];
        yield 'they jam: one fewer' => [20.6, null, 10, 9, 'cup_balls.take', Level::Go];
        yield 'nine of ten that jam' => [20.6, 9, 10, 9, 'cup_balls.same', Level::Go];
        yield 'ten that just lie flat' => [20.6, 10, 10, 9, 'cup_balls.full', Level::Go];
        yield 'more than go in' => [20.6, 11, 10, 9, 'cup_balls.many', Level::Stop];
        yield 'as came out' => [21.0, 10, 10, 10, 'cup_balls.same', Level::Go];
        yield 'one too many' => [21.0, 11, 10, 10, 'cup_balls.many', Level::Stop];
        yield 'one short' => [21.0, 9, 10, 10, 'cup_balls.short', Level::Care];
        yield 'a cage' => [21.0, 7, 10, 10, 'cup_balls.few', Level::Care];
        yield 'on the edge of two counts' => [20.735, null, 10, 9, 'cup_balls.or', Level::Care];
        yield 'the edge, and one of them came out' => [20.735, 10, 10, 9, 'cup_balls.near', Level::Care];
    }

    #[DataProvider('balls')]
    public function test_balls_in_a_cup(float $circle, ?int $found, int $fit, int $take, string $key, Level $level): void
    {
        $result = (new BallsInCup(Limits::standard()))->work(new BallsInCupInput(self::caliper($circle), Length::mm(6.35), $found));
        self::assertSame(
            [$fit, $take, $key, $level],
            [$result->fit, $result->take, $result->verdict->headline->key, $result->verdict->level],
        );
        self::assertEqualsWithDelta(
            360.0,
            $result->fit * $result->each->degrees + rad2deg((2 * $result->freeWhenFull->mm) / $circle),
            0.01,
            'balls and what is free make the whole circle',
        );
    }

    public function test_a_circle_that_nobody_measured_never_contradicts_a_count_that_came_out(): void
    {
        foreach ([7, 9, 10, 11] as $found) {
            $verdict = (new BallsInCup(Limits::standard()))->work(
                new BallsInCupInput(Reading::mm(21, Instrument::SteelRule), Length::mm(6.35), $found, measured: false),
            )->verdict;
            self::assertSame(['cup_balls.out', Level::Go], [$verdict->headline->key, $verdict->level]);
        }
    }

    public function test_the_arc_that_stays_free(): void
    {
        $free = static fn (float $circle): float => (new BallsInCup(Limits::standard()))->work(
            new BallsInCupInput(self::caliper($circle), Length::mm(6.35)),
        )->freeWhenFull->mm;
        self::assertEqualsWithDelta(1.46, $free(21.0), 0.005);
        self::assertEqualsWithDelta(0.17, $free(20.6), 0.005);
        $this->expectException(InvalidInput::class);
        new BallsInCupInput(self::caliper(10), Length::mm(6));
    }
}
