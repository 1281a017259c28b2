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
