<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\AxleEnds;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\AxleEnds\AxleEnds;
use CleanRace\Core\Setting\AxleEnds\AxleEndsInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** How far an axle stands out. */
final class AxleEndsTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_an_axle_goes_to_the_middle_or_where_it_was(): void
    {
        $work = static fn (AxleEndsInput $input) => (new AxleEnds(Limits::standard()))->work($input);
        $moved = $work(new AxleEndsInput(self::caliper(4.2), self::caliper(6.6)));
        self::assertEqualsWithDelta(
            [-1.2, 1.2, 5.4, 5.4],
            [$moved->move->mm, $moved->turns, $moved->wantLeft->mm, $moved->wantRight->mm],
            1e-9,
        );
        self::assertSame('axle_ends.move', $moved->verdict->headline->key);
        $before = $work(
            new AxleEndsInput(self::caliper(4.2), self::caliper(6.6), beforeLeft: Length::mm(4.0), beforeRight: Length::mm(6.4)),
        );
        self::assertSame(
            ['axle_ends.as_before', Level::Go],
            [$before->verdict->headline->key, $before->verdict->level],
            'unlike before stays unlike',
        );
        $fine = $work(new AxleEndsInput(self::caliper(6.9), self::caliper(6.9), dropout: Length::mm(7)));
        self::assertSame(Level::Go, $fine->verdict->level, 'nuts do not mind');
        $long = $work(new AxleEndsInput(self::caliper(6.9), self::caliper(6.9), dropout: Length::mm(7), quickRelease: true));
        self::assertSame(['axle_ends.long', Level::Stop], [$long->verdict->headline->key, $long->verdict->level]);
        $inch = $work(new AxleEndsInput(self::caliper(5), self::caliper(3), '3/8-26'));
        self::assertEqualsWithDelta(26 / 25.4, $inch->turns, 1e-6);
        $this->expectException(InvalidInput::class);
        new AxleEndsInput(self::caliper(4), self::caliper(4), beforeLeft: Length::mm(3));
    }

    public function test_how_near_is_as_near_as_it_was_read(): void
    {
        $said = static fn (Instrument $by): string => (new AxleEnds(Limits::standard()))->work(
            new AxleEndsInput(Reading::mm(5.0, $by), Reading::mm(5.1, $by)),
        )->verdict->sentence->inEnglish();
        self::assertStringContainsString('within 0.35 mm', $said(Instrument::SteelRule));
        self::assertStringNotContainsString('within 0.35 mm', $said(Instrument::DigitalCaliper));
        self::assertStringNotContainsString('within 0.02 mm', $said(Instrument::DigitalCaliper), 'never nearer than hands set it');
    }
}
