<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A first bearing with light under it is still on its way, until work goes on after it: then it stops. */
final class GoneOnTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    /** @return iterable<string, array{array<string, array<string, mixed>>, Level, string}> */
    public static function gone(): iterable
    {
        yield 'under way' => [[], Level::Care, 'home.light'];
        yield 'said to be in' => [['part.bearing_left' => ['state' => 'fitted']], Level::Stop, 'home.not'];
        yield 'its ring was tried' => [['seat.ring_seated' => ['choice' => 'seated']], Level::Stop, 'home.not'];
        yield 'the second was looked at' => [['seat.right.start.eye' => ['choice' => 'level']], Level::Stop, 'home.not'];
        yield 'the second was read' => [
            ['seat.right.start.12' => ['mm' => 2.1], 'seat.right.start.4' => ['mm' => 2.1], 'seat.right.start.8' => ['mm' => 2.1]],
            Level::Stop,
            'home.not',
        ];
    }

    /** @param  array<string, array<string, mixed>>  $more */
    #[DataProvider('gone')]
    public function test_light_under_it(array $more, Level $level, string $key): void
    {
        $step = self::step(self::job('pair-sleeve', ['seat.left.home.signs' => ['choices' => ['light_under']]] + $more), 'seat.left.home');
        self::assertSame([$level, $key], [$step->verdicts[0]->level, $step->verdicts[0]->headline->key]);
    }
}
