<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Squareness;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Squareness\ClockDepth;
use CleanRace\Core\Mechanics\Squareness\DepthRound;
use CleanRace\Core\Mechanics\Squareness\DepthRounds;
use CleanRace\Core\Mechanics\Squareness\SeatingTrend;
use CleanRace\Core\Mechanics\Squareness\SeatingTrendInput;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Does the ring come straight as it goes deeper. */
final class SeatingTrendTest extends TestCase
{
    private static function round(float $at, float $tilt, float $hour = 12): DepthRound
    {
        return new DepthRound(
            array_map(
                static fn (int $h): ClockDepth => new ClockDepth(
                    Clock::read((string) $h),
                    Reading::mm($at - ($tilt / 2) * cos((($h - $hour) * M_PI) / 6), Instrument::DepthMicrometer),
                ),
                [12, 3, 6, 9],
            ),
        );
    }

    /** @return iterable<string, array{list<DepthRound>, ?string}> */
    public static function trends(): iterable
    {
        yield 'one round says nothing' => [[self::round(1, 0.1)], null];
        yield 'coming straight' => [[self::round(1, 0.4), self::round(2, 0.15)], 'trend.straightens'];
        yield 'leaning more' => [[self::round(1, 0.1), self::round(2, 0.4)], 'trend.grows'];
        yield 'leaning the other way' => [[self::round(1, 0.2, 12), self::round(2, 0.4, 6)], 'trend.turns'];
        yield 'steady' => [[self::round(1, 0.1), self::round(2, 0.11)], 'trend.steady'];
        yield 'growing within what is square' => [[self::round(1, 0.01), self::round(2, 0.1)], 'trend.steady'];
        yield 'a round that was not ended' => [[self::round(1, 0.4), new DepthRound([]), self::round(2, 0.1)], 'trend.straightens'];
    }

    /** @param  list<DepthRound>  $rounds */
    #[DataProvider('trends')]
    public function test_the_trend_is_told_from_the_last_two_rounds(array $rounds, ?string $key): void
    {
        self::assertSame(
            $key,
            (new SeatingTrend(Limits::standard()))->work(new SeatingTrendInput(Length::mm(20), Length::mm(47), $rounds))->verdict
                ?->headline->key,
        );
    }

    /**
     * @param  list<array{string, ?Reading}>  $entries
     * @return list<int>
     */
    private static function counts(array $entries): array
    {
        return array_map(static fn (DepthRound $r): int => count($r->readings), DepthRounds::of($entries));
    }

    public function test_depths_are_sorted_into_rounds(): void
    {
        $read = static fn (string $hour, ?float $mm): array => [$hour, $mm === null ? null : Reading::mm($mm, Instrument::DepthCaliper)];
        self::assertSame([3, 2], self::counts([$read('12', 1), $read('4', 1), $read('8', 1), $read('12', 2), $read('4', 2)]));
        self::assertSame([3], self::counts([$read('12', 1), $read('4', 1), $read('8', 1), $read('8', 1.1)]), 'put right at once');
        self::assertSame([1], self::counts([$read('12', 1), $read('4', 1), $read('4', null), $read('12', 3)]), 'taken out');
        self::assertSame([], self::counts([]));
    }
}
