<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Directions about the axle. */
final class ClockTest extends TestCase
{
    /** @return iterable<array{string|int, string}> */
    public static function hours(): iterable
    {
        yield ['12', '12'];
        yield [12, '12'];
        yield ['0', '12'];
        yield ['3', '3'];
        yield ['1:30', '1:30'];
        yield ['1.5', '1:30'];
        yield ['11:30', '11:30'];
    }

    #[DataProvider('hours')]
    public function test_reads_an_hour(string|int $said, string $text): void
    {
        self::assertSame($text, Clock::read($said)->text());
    }

    #[DataProvider('notHours')]
    public function test_refuses_what_is_not_on_a_clock(string $said): void
    {
        $this->expectException(InvalidInput::class);
        Clock::read($said);
    }

    /** @return iterable<array{string}> */
    public static function notHours(): iterable
    {
        yield ['13'];
        yield ['-1'];
        yield ['1:15'];
        yield ['noon'];
        yield [''];
    }

    public function test_an_angle_finds_its_half_hour_all_the_way_round(): void
    {
        for ($half = 0; $half < 24; $half++) {
            $clock = Clock::nearest(($half * M_PI) / 12 + 0.05);
            self::assertEqualsWithDelta($half / 2, $clock->hours, 1e-9);
            self::assertEqualsWithDelta(($half * M_PI) / 12, $clock->radians(), 1e-9);
        }
        self::assertSame('11:30', Clock::nearest(-M_PI / 12)->text());
    }
}
