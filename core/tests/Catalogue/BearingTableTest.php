<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Catalogue\Number\NumberRules;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\TestCase;

/** The bearing sizes from a second direction: values typed independently, and the rules by which such sizes are numbered and grow. */
final class BearingTableTest extends TestCase
{
    /** Diameter series: those of one line share bore and outside, whatever their kind and width. */
    private const SAME_OUTSIDE = [
        ['67', 'F67'],
        ['68', 'F68', '638', '38', '718'],
        ['69', 'F69', '719', '329'],
        ['60', 'F60', '60NR', '70', '630', '320', '330'],
        ['62', 'F62', '62NR', '72', '12', '622', '22', '42', '32', '52', '302', '322', '332', 'NJ2'],
        ['63', '63NR', '73', '13', '623', '23', '43', '33', '53', '303', '313', '323', 'NJ3'],
    ];

    /** For one bore and outside, each series is at least as wide as the one before it. */
    private const WIDER = [
        ['160', '60', '630'],
        ['68', '638'],
        ['62', '622'],
        ['63', '623'],
        ['302', '322'],
        ['303', '323'],
        ['320', '330'],
    ];

    /** Outside grows along these for one bore. */
    private const HEAVIER = ['67', '68', '69', '60', '62', '63', '64'];

    public function test_there_are_more_than_nine_hundred_and_none_stands_twice(): void
    {
        $numbers = array_column(Table::rows('bearings'), 'number');
        self::assertGreaterThanOrEqual(900, count($numbers));
        self::assertSame($numbers, array_values(array_unique($numbers)));
        $compact = array_map(static fn (string $n): string => str_replace(['-', ' '], '', $n), $numbers);
        self::assertSame($compact, array_values(array_unique($compact)), 'two numbers are the same without their separators');
    }

    public function test_within_a_series_no_size_stands_twice(): void
    {
        $seen = [];
        foreach ((new BearingTable())->all() as $size) {
            $key = $size->series.': '.$size->sizes(false);
            self::assertTrue(
                ! isset($seen[$key]) || in_array($size->series, ['inch_taper', 'inch_bore', 'wheel'], true),
                "$size->number is the same as ".($seen[$key] ?? ''),
            );
            $seen[$key] = $size->number;
        }
    }

    public function test_every_row_says_where_it_comes_from(): void
    {
        foreach (Table::rows('bearings') as $row) {
            self::assertNotSame('', $row['source'], $row['number']);
        }
    }

    public function test_every_row_decodes_to_the_sizes_it_says(): void
    {
        $reader = new DesignationReader();
        foreach ((new BearingTable())->all() as $size) {
            self::assertSame($size, $reader->read($size->number)->size, $size->number);
            self::assertSame($size, $reader->read($size->number.' 2RS')->size, $size->number);
        }
    }

    public function test_a_number_that_says_its_bore_says_the_one_in_the_table(): void
    {
        $checked = 0;
        foreach ((new BearingTable())->all() as $size) {
            $plain = preg_replace('/^(F|NJ|UC)(?=\d)|NR$|-\d+$/', '', $size->number) ?? '';
            $bore = match (true) {
                in_array($size->series, ['R', 'FR'], true) => preg_match('/R(\d{1,2})A?$/', $size->number, $m) === 1
                    ? (25.4 * (int) $m[1]) / 16
                    : null,
                in_array($size->series, ['RLS', 'RMS'], true) => (25.4 * (int) substr($size->number, 3)) / 8,
                $size->series === 'inch_bore', $size->series === 'UC' && $size->system === 'inch' => (25.4 *
                    (int) substr($size->number, (int) strpos($size->number, '-') + 1)) /
                    16,
                $size->series === 'UC', str_starts_with($size->series, 'NJ') => NumberRules::coded('6'.$plain)?->boreMm,
                in_array($size->series, ['wheel', 'DAC', 'MR', 'MF'], true) && $size->system === 'metric' => NumberRules::spelledOut(
                    $size->number,
                )?->boreMm,
                $size->system === 'metric' => NumberRules::coded($plain)?->boreMm,
                default => null,
            };
            if ($bore !== null) {
                self::assertEqualsWithDelta($bore, $size->bore->mm, $size->series === 'MR' ? 0.01 : 1e-3, $size->number);
                $checked++;
            }
        }
        self::assertGreaterThan(800, $checked);
    }

    public function test_sizes_spelled_out_in_a_number_are_those_of_the_table(): void
    {
        foreach ((new BearingTable())->all() as $size) {
            $spelled =
                in_array($size->series, ['wheel', 'DAC'], true) && $size->system === 'metric'
                    ? NumberRules::spelledOut($size->number)?->size
                    : null;
            if ($spelled !== null) {
                self::assertSame($spelled->sizes(), $size->sizes(), $size->number);
            }
        }
        self::assertStringContainsString('outside 10, bore 5', English::of(NumberRules::spelledOut('MR105')?->reading));
    }

    public function test_one_diameter_series_has_one_outside_for_one_bore(): void
    {
        foreach (self::SAME_OUTSIDE as $family) {
            $outsides = [];
            foreach ((new BearingTable())->all() as $size) {
                if (in_array($size->series, $family, true)) {
                    $bore = (string) $size->bore->mm;
                    $outsides[$bore] ??= [$size->outside->mm, $size->number];
                    self::assertEqualsWithDelta(
                        $outsides[$bore][0],
                        $size->outside->mm,
                        1e-6,
                        "$size->number beside {$outsides[$bore][1]}",
                    );
                }
            }
            self::assertGreaterThan(10, count($outsides));
        }
    }

    public function test_width_series_stand_in_their_order(): void
    {
        $by = self::bySeries();
        foreach (self::WIDER as $order) {
            for ($i = 1; $i < count($order); $i++) {
                foreach ($by[$order[$i]] as $bore => $size) {
                    if (isset($by[$order[$i - 1]][$bore])) {
                        self::assertGreaterThan($by[$order[$i - 1]][$bore]->openWidth->mm, $size->openWidth->mm, $size->number);
                    }
                }
            }
        }
    }

    public function test_within_a_series_sizes_grow_with_the_bore(): void
    {
        $unordered = ['inch_taper', 'inch_bore', 'wheel', 'Fwheel', 'DAC', 'MR', 'MF', 'R', 'FR', '16', 'UC'];
        foreach (self::bySeries() as $series => $sizes) {
            if (in_array((string) $series, $unordered, true)) {
                continue;
            }
            usort($sizes, static fn (Bearing $a, Bearing $b): int => $a->bore->mm <=> $b->bore->mm);
            for ($i = 1; $i < count($sizes); $i++) {
                self::assertGreaterThan(
                    $sizes[$i - 1]->outside->mm - (in_array($series, ['RLS', 'RMS'], true) ? 1e-6 : 0.0),
                    $sizes[$i]->outside->mm,
                    $sizes[$i]->number,
                );
                self::assertGreaterThanOrEqual($sizes[$i - 1]->openWidth->mm - 1e-6, $sizes[$i]->openWidth->mm, $sizes[$i]->number);
            }
        }
    }

    public function test_for_one_bore_the_series_stand_in_their_order(): void
    {
        $by = self::bySeries();
        for ($i = 1; $i < count(self::HEAVIER); $i++) {
            foreach ($by[self::HEAVIER[$i]] as $bore => $size) {
                if (isset($by[self::HEAVIER[$i - 1]][$bore])) {
                    self::assertGreaterThan($by[self::HEAVIER[$i - 1]][$bore]->outside->mm, $size->outside->mm, $size->number);
                }
            }
        }
    }

    /** The diameter series fixes the section: D = d + f·d^0.9, f by the series (the standard's own rule for larger bores). */
    public function test_sections_follow_the_diameter_series(): void
    {
        $f = ['67' => 0.34, '68' => 0.62, '69' => 0.84, '60' => 1.12, '62' => 1.48, '63' => 1.92];
        foreach ((new BearingTable())->all() as $size) {
            if (isset($f[$size->series]) && $size->bore->mm >= 20) {
                $expected = $size->bore->mm + $f[$size->series] * $size->bore->mm ** 0.9;
                self::assertEqualsWithDelta(1.0, $size->outside->mm / $expected, 0.17, $size->number);
            }
        }
    }

    public function test_a_bearing_is_higher_than_wide_and_wide_enough_for_its_balls(): void
    {
        foreach ((new BearingTable())->all() as $size) {
            self::assertGreaterThanOrEqual($size->openWidth->mm, $size->sealedWidth->mm, $size->number);
            self::assertGreaterThan(0.22 * ($size->outside->mm - $size->bore->mm), $size->openWidth->mm, $size->number);
            self::assertLessThan($size->outside->mm, $size->sealedWidth->mm, $size->number);
            self::assertGreaterThan(0, $size->corner()->mm);
            self::assertLessThan($size->openWidth->mm / 2, $size->corner()->mm, $size->number);
            self::assertGreaterThan($size->outside->mm, $size->flange->mm ?? INF, $size->number);
        }
    }

    public function test_inch_sizes_are_fractions_of_an_inch(): void
    {
        foreach ((new BearingTable())->all() as $size) {
            if ($size->system === 'inch' && $size->series !== 'inch_taper') {
                foreach (
                    in_array($size->series, ['inch_bore', 'UC'], true) ? [$size->bore] : [$size->bore, $size->outside] as $length
                ) {
                    $sixtyFourths = ($length->mm / 25.4) * 64;
                    self::assertEqualsWithDelta(round($sixtyFourths), $sixtyFourths, 0.01, $size->number);
                }
            }
        }
    }

    public function test_load_ratings_grow_with_the_size_and_the_dynamic_one_is_the_larger(): void
    {
        $rated = 0;
        foreach (self::bySeries() as $sizes) {
            $last = 0.0;
            foreach ($sizes as $size) {
                if ($size->load !== null) {
                    self::assertGreaterThan($size->staticLoad->newtons ?? INF, $size->load->newtons, $size->number);
                    self::assertGreaterThan($last, $size->load->newtons, $size->number);
                    $last = $size->load->newtons;
                    $rated++;
                }
            }
        }
        self::assertGreaterThan(40, $rated);
    }

    public function test_a_ring_round_a_bearing_stands_proud_of_it_and_grows(): void
    {
        $last = 0.0;
        foreach (Table::rows('bearing_rings') as $row) {
            self::assertGreaterThan((float) $row['outside_mm'] + 3, (float) $row['ring_outside_mm']);
            self::assertGreaterThan($last, (float) $row['ring_outside_mm']);
            $last = (float) $row['ring_outside_mm'];
        }
        self::assertSame(52.7, (new BearingTable())->find('6204NR')?->ringOutside()?->mm);
        self::assertNull((new BearingTable())->find('6204')?->ringOutside());
        foreach ((new BearingTable())->all() as $size) {
            self::assertTrue(! $size->hasRing() || $size->outside->mm > 130 || $size->ringOutside() !== null, $size->number);
        }
    }

    public function test_cups_and_cones_of_tapers_are_the_same_in_all_their_sets(): void
    {
        $sizes = [];
        foreach (Table::rows('taper_sets') as $set) {
            $bearing = (new BearingTable())->find($set['number']);
            self::assertNotNull($bearing, $set['number']);
            foreach (["cone {$set['cone']}" => $bearing->bore->mm, "cup {$set['cup']}" => $bearing->outside->mm] as $piece => $mm) {
                $sizes[$piece] ??= $mm;
                self::assertSame($sizes[$piece], $mm, $piece);
            }
            if ($set['cone_width_mm'] !== '') {
                self::assertGreaterThanOrEqual((float) $set['cone_width_mm'], $bearing->openWidth->mm, $set['number']);
                self::assertGreaterThan((float) $set['cup_width_mm'], (float) $set['cone_width_mm'] + 1e-9, $set['number']);
            }
        }
        $tapers = array_filter((new BearingTable())->all(), static fn (Bearing $b): bool => $b->kind->value === 'taper');
        self::assertSame(count($tapers), count(Table::rows('taper_sets')));
    }

    /** @return array<int|string, array<int|string, Bearing>> by series and bore */
    private static function bySeries(): array
    {
        $by = [];
        foreach ((new BearingTable())->all() as $size) {
            $by[$size->series][(string) $size->bore->mm] = $size;
        }

        return $by;
    }
}
