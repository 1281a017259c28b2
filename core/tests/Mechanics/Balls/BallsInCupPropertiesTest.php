<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Balls;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Balls\BallsInCup;
use CleanRace\Core\Mechanics\Balls\BallsInCupInput;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of loose balls whatever the cup. */
final class BallsInCupPropertiesTest extends TestCase
{
    use TestTrait;

    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_balls_that_are_taken_lie_side_by_side_and_one_more_would_not(): void
    {
        $this->limitTo(300)
            ->forAll(Generators::choose(120, 600), Generators::choose(20, 80))
            ->then(static function (int $circle, int $ball): void {
                [$circle, $ball] = [$circle / 10, $ball / 10];
                if ($ball >= $circle / 2.2) {
                    return;
                }
                $result = (new BallsInCup(Limits::standard()))->work(new BallsInCupInput(self::caliper($circle), Length::mm($ball)));
                $angle = 2 * asin($ball / $circle);
                self::assertLessThanOrEqual(2 * M_PI + 1e-6, $result->fit * $angle);
                self::assertGreaterThan(2 * M_PI - 1e-6, ($result->fit + 1) * $angle);
                self::assertContains($result->fit - $result->take, [0, 1]);
                self::assertSame($result->take < $result->fit, $result->freeWhenFull->mm < 0.1 * $ball);
                self::assertGreaterThanOrEqual($result->freeWhenFull->mm - 1e-9, $result->free->mm);
            });
    }

    public function test_a_wider_circle_never_takes_fewer_balls(): void
    {
        $this->limitTo(150)
            ->forAll(Generators::choose(180, 500), Generators::choose(30, 70), Generators::choose(1, 60))
            ->then(static function (int $circle, int $ball, int $more): void {
                $take = static fn (float $mm): int => (new BallsInCup(Limits::standard()))->work(
                    new BallsInCupInput(self::caliper($mm), Length::mm($ball / 10)),
                )->fit;
                self::assertGreaterThanOrEqual($take($circle / 10), $take(($circle + $more) / 10));
            });
    }
}
