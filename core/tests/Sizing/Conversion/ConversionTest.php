<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Conversion;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\Conversion\Cartridge;
use CleanRace\Core\Sizing\Conversion\Conversion;
use CleanRace\Core\Sizing\Conversion\ConversionInput;
use CleanRace\Core\Sizing\Conversion\ConversionResult;
use CleanRace\Core\Sizing\Conversion\PieceToMake;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** Cups out, cartridges in: what goes straight in, what needs a ring or a bush, and what does not go. */
final class ConversionTest extends TestCase
{
    private static function convert(float $left, float $right, float $axle, ?float $depth = 10, ?float $span = 50): ConversionResult
    {
        $read = static fn (?float $mm): ?Reading => $mm === null ? null : Reading::mm($mm, Instrument::BoreGauge);

        return (new Conversion(Limits::standard()))->work(
            new ConversionInput(
                Reading::mm($left, Instrument::BoreGauge),
                Reading::mm($right, Instrument::BoreGauge),
                Length::mm($axle),
                $read($depth),
                $read($span),
            ),
        );
    }

    /** @return list<string> */
    private static function names(ConversionResult $result): array
    {
        return array_map(static fn (PieceToMake $p): string => English::of($p->name), $result->pieces);
    }

    public function test_a_cartridge_that_goes_straight_in(): void
    {
        $result = self::convert(32.0, 32.0, 12);
        self::assertSame(
            ['6201', 'convert.as_is', Level::Go],
            [$result->cartridges[0]->number, $result->verdict->headline->key, $result->verdict->level],
        );
        self::assertSame(['Spacer tube'], self::names($result));
        self::assertEqualsWithDelta(50.05, $result->pieces[0]->length->mm, 1e-9);
        self::assertGreaterThan(12.0, $result->pieces[0]->bore->mm);
        self::assertLessThanOrEqual(12 + 0.21 * 20 + 1e-9, $result->pieces[0]->outside->mm, 'it stands on the inner ring alone');
    }

    public function test_a_used_axle_a_little_under_its_nominal_is_no_step_to_fill(): void
    {
        foreach ([11.85, 11.9, 12.0] as $axle) {
            $best = self::convert(28.0, 28.0, $axle)->cartridges[0];
            self::assertSame(['6001', null], [$best->number, $best->bush], (string) $axle);
        }
        self::assertNotSame('6001', self::convert(28.0, 28.0, 11.84)->cartridges[0]->number);
    }

    public function test_a_ring_for_each_seat_and_a_bush_for_the_axle(): void
    {
        $result = self::convert(34.0, 34.3, 10, span: null);
        $best = $result->cartridges[0];
        self::assertSame('convert.made', $result->verdict->headline->key);
        self::assertEqualsWithDelta((34.0 - $best->outside->mm) / 2, (float) $best->shimLeft?->mm, 1e-9);
        self::assertEqualsWithDelta((34.3 - $best->outside->mm) / 2, (float) $best->shimRight?->mm, 1e-9);
        self::assertStringContainsString('0.30 mm', $result->verdict->why[0]->inEnglish());
        foreach ($result->pieces as $piece) {
            self::assertGreaterThan($piece->bore->mm, $piece->outside->mm, English::of($piece->name).' has a wall');
        }
        $bushed = array_values(
            array_filter(self::convert(32.0, 32.0, 11)->cartridges, static fn (Cartridge $c): bool => $c->bush !== null),
        );
        self::assertEqualsWithDelta(($bushed[0]->bore->mm - 11) / 2, (float) $bushed[0]->bush?->mm, 1e-9);
    }

    public function test_a_thin_wall_is_care_and_nothing_is_a_stop(): void
    {
        $thin = self::convert(15.0, 15.0, 9.525, depth: 7);
        self::assertSame(
            ['convert.thin', Level::Care, true],
            [$thin->verdict->headline->key, $thin->verdict->level, $thin->cartridges[0]->thin],
        );
        self::assertEqualsWithDelta(0.2375, (float) $thin->cartridges[0]->bush?->mm, 1e-9);
        $none = self::convert(60, 60, 4, depth: 3);
        self::assertSame(
            ['convert.none', Level::Stop, [], []],
            [$none->verdict->headline->key, $none->verdict->level, $none->cartridges, $none->pieces],
        );
    }

    public function test_whatever_is_offered_goes_in(): void
    {
        for ($seat = 22.0; $seat <= 42; $seat += 0.7) {
            foreach ([4.0, 5.0, 6.0, 8.0, 10.0, 12.0, 15.0] as $axle) {
                foreach (self::convert($seat, $seat + 0.1, $axle, depth: 11)->cartridges as $one) {
                    self::assertLessThanOrEqual($seat + 0.06, $one->outside->mm, "$one->number into $seat");
                    self::assertGreaterThanOrEqual($axle - 0.05, $one->bore->mm, "$one->number on $axle");
                    self::assertLessThanOrEqual(11.6, $one->width->mm);
                    self::assertLessThanOrEqual($axle + 5.0 + 1e-9, $one->bore->mm, 'no bush has a wall of more than two and a half');
                }
            }
        }
    }

    public function test_a_bush_is_no_thicker_than_a_smaller_bore_would_want(): void
    {
        $numbers = static fn (float $axle): array => array_column(self::convert(32.0, 32.0, $axle)->cartridges, 'number');
        self::assertContains('6002', $numbers(10.1), 'two and a half less a little');
        self::assertNotContains('6002', $numbers(9.9), 'and a little more');
    }

    public function test_a_cartridge_wider_than_its_seat_is_deep_is_not_offered(): void
    {
        $widths = static fn (float $depth): array => array_map(
            static fn (Cartridge $c): float => $c->width->mm,
            self::convert(32.0, 32.0, 12, $depth)->cartridges,
        );
        self::assertContains(10.0, $widths(10.0), '6201');
        self::assertNotContains(10.0, $widths(6.0));
        self::assertLessThanOrEqual(7.5, max([0.0, ...$widths(6.0)]));
    }
}
