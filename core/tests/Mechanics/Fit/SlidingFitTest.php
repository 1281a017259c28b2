<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Fit;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Fit\SlidingFitInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An axle that must slide. */
final class SlidingFitTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_hands_tell_of_a_sliding_axle_too(): void
    {
        $slide = static fn (?float $shaft, FitFeel $feel) => (new SlidingFit(Limits::standard()))->work(
            new SlidingFitInput(Length::mm(20), $shaft === null ? null : self::caliper($shaft), $feel),
        )->verdict->level;
        self::assertSame(Level::Go, $slide(null, FitFeel::ThumbPush));
        self::assertSame(Level::Go, $slide(19.99, FitFeel::ThumbPush), 'what a caliper alone cannot tell');
        self::assertSame(Level::Care, $slide(null, FitFeel::FirmDriving));
        $this->expectException(InvalidInput::class);
        new SlidingFitInput(Length::mm(20));
    }

    /** @return iterable<string, array{float, Instrument, Level}> */
    public static function axles(): iterable
    {
        yield 'slides' => [19.97, Instrument::Micrometer, Level::Go];
        yield 'as large as the bore' => [20.01, Instrument::Micrometer, Level::Care];
        yield 'worn' => [19.9, Instrument::Micrometer, Level::Care];
        yield 'worn out' => [19.8, Instrument::Micrometer, Level::Stop];
        yield 'a caliper cannot tell' => [19.99, Instrument::DigitalCaliper, Level::Care];
    }

    #[DataProvider('axles')]
    public function test_an_axle_that_must_slide(float $shaft, Instrument $by, Level $level): void
    {
        self::assertSame(
            $level,
            (new SlidingFit(Limits::standard()))->work(new SlidingFitInput(Length::mm(20), Reading::mm($shaft, $by)))->verdict->level,
        );
    }
}
