<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\SmallParts;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Sizing\SmallParts\BallFinder;
use CleanRace\Core\Sizing\SmallParts\BallInput;
use CleanRace\Core\Sizing\SmallParts\BallReading;
use CleanRace\Core\Sizing\SmallParts\PartFound;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** Loose balls by caliper. */
final class BallFinderTest extends TestCase
{
    /** @param  list<float>  $mm */
    private static function balls(array $mm, Instrument $by = Instrument::DigitalCaliper): PartFound
    {
        return (new BallFinder(Limits::standard()))->work(
            new BallInput(array_map(static fn (float $d): BallReading => new BallReading(Length::mm($d)), $mm), $by),
        );
    }

    public function test_balls_by_caliper_and_when_a_micrometer_is_needed(): void
    {
        self::assertSame('1/4 in', English::of(self::balls([6.35, 6.34, 6.36])->found));
        self::assertSame('3/16 in', English::of(self::balls([4.76])->found));
        $close = self::balls([3.97, 3.98]);
        self::assertNull($close->found);
        self::assertSame(Level::Care, $close->verdict->level);
        self::assertStringContainsString('micrometer', (string) $close->verdict->settledBy?->inEnglish());
        self::assertSame('5/32 in', English::of(self::balls([3.969, 3.968], Instrument::Micrometer)->found));
        self::assertSame('4 mm', English::of(self::balls([4.0, 3.999], Instrument::Micrometer)->found));
    }

    public function test_balls_that_differ_by_more_than_the_instrument_are_mixed(): void
    {
        self::assertSame('balls.mixed', self::balls([6.35, 6.35, 6.25])->verdict->headline->key);
        self::assertSame(Level::Stop, self::balls([6.35, 6.33], Instrument::Micrometer)->verdict->level);
        self::assertSame(Level::Go, self::balls([6.35, 6.33])->verdict->level);
        self::assertSame('balls.none', self::balls([11.5])->verdict->headline->key);
    }
}
