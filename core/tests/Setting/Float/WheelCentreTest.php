<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Float;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Float\WasherStock;
use CleanRace\Core\Setting\Float\WheelCentre;
use CleanRace\Core\Setting\Float\WheelCentreInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** The rim in the middle of its fork. */
final class WheelCentreTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_spacers_put_the_rim_in_the_middle(): void
    {
        $work = static fn (WheelCentreInput $input) => (new WheelCentre(Limits::standard()))->work($input);
        $measured = $work(new WheelCentreInput(self::caliper(100), self::caliper(36), self::caliper(30)));
        self::assertEqualsWithDelta([14.0, 20.0], [$measured->spacerLeft->mm, $measured->spacerRight->mm], 1e-9);
        $right = $work(new WheelCentreInput(self::caliper(100), self::caliper(36), self::caliper(30), Length::mm(2)));
        self::assertEqualsWithDelta(
            [16.0, 18.0],
            [$right->spacerLeft->mm, $right->spacerRight->mm],
            1e-9,
            'a longer left spacer moves the rim right',
        );
        $tried = $work(
            new WheelCentreInput(
                gapLeft: Reading::mm(14, Instrument::SteelRule),
                gapRight: Reading::mm(10, Instrument::SteelRule),
                spacerLeft: Length::mm(12),
                spacerRight: Length::mm(8),
                washers: [new WasherStock(Length::mm(10), 2)],
            ),
        );
        self::assertEqualsWithDelta(
            [2.0, 10.0, 10.0],
            [$tried->rimOffset->mm, $tried->spacerLeft->mm, $tried->spacerRight->mm],
            1e-9,
            'a wider gap on the left: the rim stands to the right, so it goes left',
        );
        self::assertSame([['10 mm'], ['10 mm']], [$tried->stackLeft, $tried->stackRight]);
        // Trying the result in: both gaps are the same then.
        $again = $work(
            new WheelCentreInput(
                gapLeft: Reading::mm(12, Instrument::SteelRule),
                gapRight: Reading::mm(12, Instrument::SteelRule),
                spacerLeft: $tried->spacerLeft,
                spacerRight: $tried->spacerRight,
            ),
        );
        self::assertSame(['centre.right', Level::Go], [$again->verdict->headline->key, $again->verdict->level]);
        $trial = static fn (float $left, float $right): WheelCentreInput => new WheelCentreInput(
            gapLeft: Reading::mm($left, Instrument::SteelRule),
            gapRight: Reading::mm($right, Instrument::SteelRule),
            spacerLeft: Length::mm(1),
            spacerRight: Length::mm(6),
        );
        $none = $work($trial(14, 11));
        self::assertSame(['centre.wide', Level::Stop], [$none->verdict->headline->key, $none->verdict->level], 'a spacer of -0.5');
        $there = $work(
            new WheelCentreInput(
                gapLeft: Reading::mm(12.4, Instrument::SteelRule),
                gapRight: Reading::mm(12, Instrument::SteelRule),
                spacerLeft: Length::mm(0),
                spacerRight: Length::mm(6),
            ),
        );
        self::assertSame('centre.right', $there->verdict->headline->key);
        self::assertEqualsWithDelta([0, 6], [$there->spacerLeft->mm, $there->spacerRight->mm], 1e-9, 'what is in it stays');
        $wide = $work(new WheelCentreInput(self::caliper(100), self::caliper(53), self::caliper(30)));
        self::assertSame(['centre.wide', Level::Stop], [$wide->verdict->headline->key, $wide->verdict->level]);
        self::assertStringContainsString('left side is 3.00 mm', $wide->verdict->headline->inEnglish());
        $this->expectException(InvalidInput::class);
        new WheelCentreInput(self::caliper(100), self::caliper(36));
    }
}
