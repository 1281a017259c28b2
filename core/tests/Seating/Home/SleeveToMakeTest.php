<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Seating\Home\SleeveToMake;
use CleanRace\Core\Seating\Home\SleeveToMakeInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\TestCase;

/** A spacer tube made at the bench. */
final class SleeveToMakeTest extends TestCase
{
    public function test_a_sleeve_is_made_a_little_long_and_cut_longer(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);
        $result = (new SleeveToMake(Limits::standard()))->work(
            new SleeveToMakeInput(Length::mm(12), Length::mm(12), Length::mm(32), $reading(50.0)),
        );
        self::assertEqualsWithDelta(
            [50.05, 50.55, 12.1, 12.3],
            [$result->length->mm, $result->cut->mm, $result->boreLeast->mm, $result->boreMost->mm],
            1e-9,
        );
        self::assertEqualsWithDelta(16.2, $result->outsideMost->mm, 1e-9);
        self::assertSame('make.cut', $result->verdict->headline->key);
        $depth = static fn (float $mm): Reading => Reading::mm($mm, Instrument::SteelRule);
        $coarse = (new SleeveToMake(Limits::standard()))->work(
            new SleeveToMakeInput(Length::mm(12), Length::mm(12), Length::mm(32), null, $depth(70), $depth(10), $depth(10)),
        );
        self::assertSame(['make.measure', 50.0], [$coarse->verdict->headline->key, $coarse->span->mm]);
        $slight = (new SleeveToMake(Limits::standard()))->work(
            new SleeveToMakeInput(Length::mm(15), Length::mm(15), Length::mm(21), $reading(40), thin: true),
        );
        self::assertSame('make.thin', $slight->verdict->headline->key);
    }

    public function test_a_sleeve_that_cannot_be_is_refused(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);
        foreach (
            [
                'axle_mm' => [14, 12, $reading(50), null],
                'span_mm' => [12, 12, null, null],
                'over_faces_mm' => [12, 12, null, $reading(15)],
            ] as $field => [$axle, $bore, $span, $over]
        ) {
            try {
                new SleeveToMakeInput(
                    Length::mm($axle),
                    Length::mm($bore),
                    Length::mm(32),
                    $span,
                    $over,
                    $over === null ? null : $reading(10),
                    $over === null ? null : $reading(10),
                );
                self::fail("$field was taken");
            } catch (InvalidInput $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    public function test_a_tube_serves_whose_wall_is_more_than_a_millimetre(): void
    {
        $span = Reading::mm(60.0, Instrument::DepthMicrometer);
        $of = static fn (float $axle, float $bore, float $outside): string => English::of(
            (new SleeveToMake(Limits::standard()))->work(
                new SleeveToMakeInput(Length::mm($axle), Length::mm($bore), Length::mm($outside), $span),
            )->verdict->sentence,
        );
        self::assertStringContainsString('From stock: copper 35', $of(31.8, 35, 72), 'one and a half');
        self::assertStringNotContainsString('From stock', $of(25.8, 30, 55), 'a copper pipe of 28 by 26 has one: the nut folds it');
    }
}
