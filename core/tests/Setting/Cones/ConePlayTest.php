<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Cones;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Setting\Cones\ConePlay;
use CleanRace\Core\Setting\Cones\ConePlayInput;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\TestCase;

/** Rim play, end play, turn of the cone. */
final class ConePlayTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_rim_play_as_cone_turn_and_what_a_lever_takes(): void
    {
        $result = (new ConePlay(Limits::standard()))->work(
            new ConePlayInput(
                self::caliper(1.2),
                Length::mm(290),
                Length::mm(52),
                Length::mm(21),
                'M10 × 1',
                AxleKind::QuickRelease,
                Length::mm(5),
            ),
        );
        self::assertEqualsWithDelta(0.134, $result->endPlay->mm, 0.0005);
        self::assertEqualsWithDelta(48.3, $result->coneTurn->degrees, 0.1);
        self::assertEqualsWithDelta(48.3 / 60, $result->flats, 0.01);
        self::assertEqualsWithDelta(48.3 / 6, $result->minutes, 0.1);
        self::assertEqualsWithDelta(0.025, $result->shortening->mm, 0.0005);
        self::assertEqualsWithDelta(9, $result->shorteningTurn->degrees, 0.2);
        self::assertSame('cone_play.tighter', $result->verdict->headline->key);

        $of = static fn (float $rim, AxleKind $axle): string => (new ConePlay(Limits::standard()))->work(
            new ConePlayInput(self::caliper($rim), Length::mm(290), Length::mm(52), Length::mm(21), 'M10 × 1', $axle, Length::mm(5)),
        )->verdict->headline->key;
        self::assertSame('cone_play.lever', $of(0.2, AxleKind::QuickRelease));
        self::assertSame('cone_play.right', $of(0.1, AxleKind::Solid));
        self::assertSame(
            'cone_play.looser',
            (new ConePlay(Limits::standard()))->work(
                new ConePlayInput(
                    self::caliper(0),
                    Length::mm(290),
                    Length::mm(52),
                    Length::mm(21),
                    '5/16-24',
                    AxleKind::QuickRelease,
                    Length::mm(5),
                ),
            )->verdict->headline->key,
            'a thin axle gives more',
        );
        self::assertEqualsWithDelta(
            (48.3 / 25.4) * 26,
            (new ConePlay(Limits::standard()))->work(
                new ConePlayInput(self::caliper(1.2), Length::mm(290), Length::mm(52), Length::mm(21), '3/8-26'),
            )->coneTurn->degrees,
            0.2,
        );
        $this->expectException(InvalidInput::class);
        (new ConePlay(Limits::standard()))->work(
            new ConePlayInput(
                self::caliper(1),
                Length::mm(290),
                Length::mm(52),
                Length::mm(21),
                '5/16-24',
                AxleKind::QuickRelease,
                Length::mm(6),
            ),
        );
    }
}
