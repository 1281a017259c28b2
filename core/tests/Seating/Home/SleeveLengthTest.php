<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Seating\Home\SleeveLength;
use CleanRace\Core\Seating\Home\SleeveLengthInput;
use CleanRace\Core\Seating\Home\SleeveLengthResult;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two shoulders: does the spacer tube match the span. */
final class SleeveLengthTest extends TestCase
{
    /** @param  list<PairFeel>  $feel */
    private static function sleeve(float $length, array $feel = [], Instrument $by = Instrument::Micrometer): SleeveLengthResult
    {
        return (new SleeveLength(Limits::standard()))->work(
            new SleeveLengthInput(
                Reading::mm(57.6, $by),
                Reading::mm($length, $by),
                Length::mm(20),
                Length::mm(47),
                Length::mm(0.005),
                $feel,
            ),
        );
    }

    /** @return iterable<string, array{float, list<PairFeel>, Level, string}> */
    public static function sleeves(): iterable
    {
        yield 'a little long' => [57.65, [], Level::Go, 'sleeve.fits'];
        yield 'as long as the span' => [57.6, [], Level::Go, 'sleeve.fits'];
        yield 'too long' => [57.8, [], Level::Care, 'sleeve.long'];
        yield 'a little short, tried' => [57.55, [PairFeel::ClampedFree], Level::Go, 'sleeve.fits'];
        yield 'a little short, not tried' => [57.55, [], Level::Care, 'sleeve.doubt'];
        yield 'much too short' => [57.2, [], Level::Stop, 'sleeve.short'];
        yield 'right, but drags: once more' => [57.62, [PairFeel::ClampedDrags], Level::Care, 'second.tight_once'];
        yield 'right, but binds and drags' => [57.62, [PairFeel::Binds, PairFeel::ClampedDrags], Level::Stop, 'sleeve.drags'];
        yield 'short, and it drags' => [57.4, [PairFeel::ClampedDrags], Level::Stop, 'sleeve.short'];
    }

    /** @param  list<PairFeel>  $feel */
    #[DataProvider('sleeves')]
    public function test_a_sleeve_against_two_ledges(float $length, array $feel, Level $level, string $key): void
    {
        $result = self::sleeve($length, $feel);
        self::assertSame([$level, $key], [$result->verdict->level, $result->verdict->headline->key]);
        self::assertEqualsWithDelta($length - 57.6, $result->gap->mm, 1e-9);
        self::assertEqualsWithDelta(2 * sqrt(0.04 * 8.1 * 0.005), $result->allowedShort->mm, 1e-6);
    }
}
