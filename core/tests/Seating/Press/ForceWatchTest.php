<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Seating\Press\ForceWatch;
use CleanRace\Core\Seating\Press\ForceWatchInput;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the gauge shows against what was reckoned. */
final class ForceWatchTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, float}> what is shown, key, N */
    public static function shown(): iterable
    {
        yield 'a force as reckoned' => [['force' => Force::newtons(1400)], 'watch.right', 1400];
        yield 'bar on a 50 mm piston' => [['pressure' => Pressure::megapascals(0.7), 'ram' => Length::mm(50)], 'watch.right', 1374.4];
        yield 'torque on M12, oiled' => [['torque' => Torque::newtonMetres(2.4)], 'watch.right', 1333.3];
        yield 'dry threads take more' => [['torque' => Torque::newtonMetres(2.4), 'oiled' => false], 'watch.right', 1000];
        yield 'high' => [['force' => Force::newtons(3000)], 'watch.high', 3000];
        yield 'stop' => [['force' => Force::newtons(3700)], 'watch.stop', 3700];
        yield 'high, and nothing left to go' => [['force' => Force::newtons(3700), 'toGo' => Length::mm(0.02)], 'watch.home', 3700];
        yield 'next to nothing' => [['force' => Force::newtons(100)], 'watch.low', 100];
    }

    /** @param  array<string, mixed>  $shown */
    #[DataProvider('shown')]
    public function test_the_gauge_is_watched_against_what_was_reckoned(array $shown, string $key, float $newtons): void
    {
        $result = (new ForceWatch(Limits::standard()))->work(
            new ForceWatchInput(...['forceLow' => Force::newtons(900), 'forceHigh' => Force::newtons(1800)] + $shown),
        );
        self::assertSame($key, $result->verdict->headline->key);
        self::assertEqualsWithDelta($newtons, $result->force->newtons, 0.1);
        self::assertSame(3600.0, $result->stop->newtons);
    }

    public function test_below_the_floor_nothing_alarms(): void
    {
        $result = (new ForceWatch(Limits::standard()))->work(
            new ForceWatchInput(Force::newtons(50), Force::newtons(200), Force::newtons(1500)),
        );
        self::assertSame([2000.0, 'watch.high'], [$result->stop->newtons, $result->verdict->headline->key]);
        $wrong = [
            static fn (): ForceWatchInput => new ForceWatchInput(Force::newtons(1), Force::newtons(2)),
            static fn (): ForceWatchInput => new ForceWatchInput(
                Force::newtons(1),
                Force::newtons(2),
                Force::newtons(1),
                torque: Torque::newtonMetres(1),
            ),
            static fn (): ForceWatchInput => new ForceWatchInput(
                Force::newtons(1),
                Force::newtons(2),
                pressure: Pressure::megapascals(1),
            ),
        ];
        foreach ($wrong as $make) {
            try {
                $make();
                self::fail('It was taken.');
            } catch (InvalidInput $invalid) {
                self::assertContains($invalid->field, ['force_n', 'ram_mm']);
            }
        }
    }
}
