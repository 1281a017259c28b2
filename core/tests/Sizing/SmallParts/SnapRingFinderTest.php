<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\SmallParts;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\SmallParts\SnapRingFinder;
use CleanRace\Core\Sizing\SmallParts\SnapRingInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A snap ring by what it sits in or on. */
final class SnapRingFinderTest extends TestCase
{
    /**
     * @return iterable<string, array{RingSeat, float, string, float, float}> seat, diameter, size, groove, thickness:
     *   typed from the standards
     */
    public static function rings(): iterable
    {
        yield 'DIN 472 47' => [RingSeat::Bore, 47.01, '47 mm', 49.5, 1.75];
        yield 'DIN 472 52' => [RingSeat::Bore, 52.0, '52 mm', 55, 2];
        yield 'DIN 472 62' => [RingSeat::Bore, 61.98, '62 mm', 65, 2];
        yield 'DIN 472 42' => [RingSeat::Bore, 42.0, '42 mm', 44.5, 1.75];
        yield 'DIN 471 20' => [RingSeat::Shaft, 20.0, '20 mm', 19, 1.2];
        yield 'DIN 471 25' => [RingSeat::Shaft, 24.98, '25 mm', 23.9, 1.2];
        yield 'DIN 471 40' => [RingSeat::Shaft, 40.0, '40 mm', 37.5, 1.75];
    }

    #[DataProvider('rings')]
    public function test_a_snap_ring_by_what_it_sits_in_or_on(
        RingSeat $seat,
        float $diameter,
        string $size,
        float $groove,
        float $thick,
    ): void {
        $found = (new SnapRingFinder(Limits::standard()))->work(
            new SnapRingInput(Reading::mm($diameter, Instrument::DigitalCaliper), $seat),
        );
        self::assertStringContainsString($size, English::of($found->found));
        self::assertEqualsWithDelta(
            [$groove, $thick],
            [$found->verdict->figures[0]->value->amount(), $found->verdict->figures[2]->value->amount()],
            1e-6,
        );
    }

    public function test_sizes_that_carts_and_mowers_have_are_there_with_their_grooves(): void
    {
        $rows = [];
        foreach (Table::rows('snap_rings') as $row) {
            $rows[$row['kind'].' '.$row['size_mm']] = [
                (float) $row['groove_mm'],
                (float) $row['thickness_mm'],
                (float) $row['groove_width_mm'],
            ];
        }
        foreach (
            [23 => 24.1, 27 => 28.4, 29 => 30.4, 31 => 32.7, 33 => 34.7, 41 => 43.5, 43 => 45.5, 44 => 46.5, 46 => 48.5] as $bore => $groove
        ) {
            self::assertSame($groove, $rows["internal $bore"][0], "DIN 472, $bore");
        }
        $external = [23 => 22.0, 27 => 25.6, 33 => 31.3, 37 => 35.0, 62 => 59.0, 63 => 60.0, 68 => 65.0, 72 => 69.0, 75 => 72.0];
        foreach ($external as $shaft => $groove) {
            self::assertSame($groove, $rows["external $shaft"][0], "DIN 471, $shaft");
        }
        self::assertSame([1.75, 1.85], array_slice($rows['internal 44'], 1));
        self::assertSame([2.5, 2.65], array_slice($rows['external 72'], 1));
    }

    public function test_an_inch_ring_a_hair_from_a_metric_one_is_named_beside_it(): void
    {
        $found = (new SnapRingFinder(Limits::standard()))->work(new SnapRingInput(Reading::mm(34.98, Instrument::DigitalCaliper)));
        self::assertNull($found->found);
        self::assertEqualsCanonicalizing(['metric', 'inch'], array_map(static fn ($c): string => $c->system, $found->candidates));
    }

    public function test_grooves_are_deeper_than_the_wall_and_wider_than_the_ring_and_grow(): void
    {
        $last = [];
        foreach (Table::rows('snap_rings') as $row) {
            $key = $row['kind'].' '.$row['system'];
            $depth = ((float) $row['groove_mm'] - (float) $row['size_mm']) * ($row['kind'] === 'internal' ? 1 : -1);
            self::assertGreaterThan(0, $depth, $row['size_mm']);
            self::assertLessThan(0.15 * (float) $row['size_mm'], $depth, $row['size_mm']);
            self::assertGreaterThan((float) $row['thickness_mm'], (float) $row['groove_width_mm']);
            if (isset($last[$key])) {
                self::assertGreaterThan($last[$key][0], (float) $row['size_mm']);
                self::assertGreaterThan($last[$key][1], (float) $row['groove_mm']);
                self::assertGreaterThanOrEqual($last[$key][2], (float) $row['thickness_mm']);
            }
            $last[$key] = [(float) $row['size_mm'], (float) $row['groove_mm'], (float) $row['thickness_mm']];
        }
        self::assertCount(4, $last);
    }
}
