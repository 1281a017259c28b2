<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\DesignationReader;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Table;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Limits;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** Every table from a second direction: values typed independently, and the rules that such tables follow. */
final class TablesTest extends TestCase
{
    private const SERIES = ['68', '69', '60', '62', '63'];

    /** @return iterable<string, array{string, float, float, float}> */
    public static function known(): iterable
    {
        yield '608' => ['608', 8, 22, 7];
        yield '6000' => ['6000', 10, 26, 8];
        yield '6001' => ['6001', 12, 28, 8];
        yield '6002' => ['6002', 15, 32, 9];
        yield '6003' => ['6003', 17, 35, 10];
        yield '6004' => ['6004', 20, 42, 12];
        yield '6005' => ['6005', 25, 47, 12];
        yield '6006' => ['6006', 30, 55, 13];
        yield '6012' => ['6012', 60, 95, 18];
        yield '6200' => ['6200', 10, 30, 9];
        yield '6201' => ['6201', 12, 32, 10];
        yield '6202' => ['6202', 15, 35, 11];
        yield '6203' => ['6203', 17, 40, 12];
        yield '6204' => ['6204', 20, 47, 14];
        yield '6205' => ['6205', 25, 52, 15];
        yield '6206' => ['6206', 30, 62, 16];
        yield '6212' => ['6212', 60, 110, 22];
        yield '62/22' => ['62/22', 22, 50, 14];
        yield '6300' => ['6300', 10, 35, 11];
        yield '6301' => ['6301', 12, 37, 12];
        yield '6302' => ['6302', 15, 42, 13];
        yield '6303' => ['6303', 17, 47, 14];
        yield '6305' => ['6305', 25, 62, 17];
        yield '63/28' => ['63/28', 28, 68, 18];
        yield '6312' => ['6312', 60, 130, 31];
        yield '6802' => ['6802', 15, 24, 5];
        yield '6805' => ['6805', 25, 37, 7];
        yield '6902' => ['6902', 15, 28, 7];
        yield '6903' => ['6903', 17, 30, 7];
        yield '6908' => ['6908', 40, 62, 12];
        yield 'R8 open' => ['R8', 12.7, 28.575, 6.35];
        yield 'R12 open' => ['R12', 19.05, 41.275, 7.9375];
        yield '1616' => ['1616', 12.7, 28.575, 9.525];
        yield '1623' => ['1623', 15.875, 34.925, 11.1125];
        yield '1641' => ['1641', 25.4, 50.8, 14.2875];
    }

    #[DataProvider('known')]
    public function test_sizes_typed_independently(string $number, float $bore, float $outside, float $width): void
    {
        $size = (new BearingTable)->find($number);
        self::assertNotNull($size);
        self::assertEqualsWithDelta([$bore, $outside, $width], [$size->bore->mm, $size->outside->mm, $size->openWidth->mm], 1e-3);
    }

    public function test_no_number_and_no_metric_size_stands_twice(): void
    {
        $sizes = (new BearingTable)->all();
        $metric = array_map(static fn (Bearing $b): string => $b->sizes(false), array_filter($sizes, static fn (Bearing $b): bool => $b->system === 'metric'));
        self::assertSame(count(Table::rows('bearings')), count($sizes));
        self::assertSame($metric, array_unique($metric));
    }

    public function test_every_row_decodes_to_the_sizes_it_says(): void
    {
        $reader = new DesignationReader;
        foreach ((new BearingTable)->all() as $size) {
            self::assertSame($size, $reader->read($size->number)->size, $size->number);
            self::assertSame($size, $reader->read($size->number.' 2RS')->size, $size->number);
        }
    }

    public function test_within_a_series_sizes_grow_with_the_bore(): void
    {
        foreach ([...self::SERIES, 'R'] as $series) {
            $rows = array_values(array_filter((new BearingTable)->all(), static fn (Bearing $b): bool => $b->series === $series && ! str_ends_with($b->number, 'A')));
            usort($rows, static fn (Bearing $a, Bearing $b): int => $a->bore->mm <=> $b->bore->mm);
            for ($i = 1; $i < count($rows); $i++) {
                self::assertGreaterThan($rows[$i - 1]->outside->mm, $rows[$i]->outside->mm, $rows[$i]->number);
                self::assertGreaterThanOrEqual($rows[$i - 1]->openWidth->mm, $rows[$i]->openWidth->mm, $rows[$i]->number);
            }
        }
    }

    public function test_for_one_bore_the_series_stand_in_their_order(): void
    {
        $by = [];
        foreach ((new BearingTable)->all() as $size) {
            if ($size->system === 'metric') {
                $by[(string) $size->bore->mm][] = $size;
            }
        }
        foreach ($by as $bore => $sizes) {
            $known = array_filter($sizes, static fn (Bearing $b): bool => in_array($b->series, self::SERIES, true));
            usort($known, static fn (Bearing $a, Bearing $b): int => array_search($a->series, self::SERIES, true) <=> array_search($b->series, self::SERIES, true));
            $outsides = array_map(static fn (Bearing $b): float => $b->outside->mm, $known);
            $sorted = $outsides;
            sort($sorted);
            self::assertSame($sorted, $outsides, "bore $bore");
        }
    }

    /** The diameter series fixes the section: D = d + f·d^0.9, f by the series (the standard's own rule for larger bores). */
    public function test_sections_follow_the_diameter_series(): void
    {
        $f = ['68' => 0.62, '69' => 0.84, '60' => 1.12, '62' => 1.48, '63' => 1.92];
        foreach ((new BearingTable)->all() as $size) {
            if (isset($f[$size->series]) && $size->bore->mm >= 20) {
                $expected = $size->bore->mm + $f[$size->series] * $size->bore->mm ** 0.9;
                self::assertEqualsWithDelta(1.0, $size->outside->mm / $expected, 0.15, $size->number);
            }
        }
    }

    public function test_a_ring_is_wider_than_its_balls_and_not_wider_than_its_bearing_is_high(): void
    {
        foreach ((new BearingTable)->all() as $size) {
            self::assertGreaterThanOrEqual($size->openWidth->mm, $size->sealedWidth->mm, $size->number);
            self::assertGreaterThan(0.3 * ($size->outside->mm - $size->bore->mm), $size->openWidth->mm, $size->number);
            self::assertLessThan($size->outside->mm, $size->sealedWidth->mm, $size->number);
            self::assertGreaterThan(0, $size->corner()->mm);
            self::assertLessThan($size->openWidth->mm / 2, $size->corner()->mm, $size->number);
        }
    }

    public function test_inch_sizes_are_fractions_of_an_inch(): void
    {
        foreach ((new BearingTable)->all() as $size) {
            if ($size->system === 'inch') {
                foreach ([$size->bore, $size->outside] as $length) {
                    $sixtyFourths = $length->mm / 25.4 * 64;
                    self::assertEqualsWithDelta(round($sixtyFourths), $sixtyFourths, 0.01, $size->number);
                }
            }
        }
    }

    /** Every class of one grade is equally wide in one range: that is what the grade means. */
    public function test_fits_of_one_grade_have_one_width(): void
    {
        $grades = ['H7' => 7, 'J7' => 7, 'K7' => 7, 'M7' => 7, 'N7' => 7, 'P7' => 7, 'k6' => 6, 'j6' => 6, 'h6' => 6, 'g6' => 6];
        $widths = [];
        foreach (Table::rows('fits') as $row) {
            $widths[$grades[$row['class']]][$row['over_mm']][] = (int) $row['upper_um'] - (int) $row['lower_um'];
        }
        foreach ($widths as $grade => $ranges) {
            foreach ($ranges as $range => $found) {
                self::assertCount(1, array_unique($found), "IT$grade over $range");
            }
        }
        self::assertSame([15, 18, 21, 25, 30, 35], array_map(static fn (array $w): int => $w[0], array_values($widths[7] ?? [])));
        self::assertSame([9, 11, 13, 16, 19, 22], array_map(static fn (array $w): int => $w[0], array_values($widths[6] ?? [])));
    }

    public function test_fits_get_tighter_from_h_to_p(): void
    {
        foreach ([8, 25, 47, 62, 100] as $size) {
            $last = -INF;
            foreach (['H7', 'J7', 'K7', 'M7', 'N7', 'P7'] as $class) {
                [, $most] = (new Tolerances)->nominalInterference(Length::mm($size), $class);
                self::assertGreaterThan($last, $most, "$class at $size");
                $last = $most;
            }
        }
    }

    public function test_nominal_interference_as_worked_by_hand(): void
    {
        $t = new Tolerances;
        self::assertEqualsWithDelta([-0.003, 0.033], $t->nominalInterference(Length::mm(47), 'N7'), 1e-9);
        self::assertEqualsWithDelta([-0.004, 0.039], $t->nominalInterference(Length::mm(62), 'N7'), 1e-9);
    }

    public function test_a_range_holds_its_upper_end_and_not_its_lower(): void
    {
        $t = new Tolerances;
        self::assertEqualsWithDelta(0.033, $t->nominalInterference(Length::mm(50), 'N7')[1], 1e-9);
        self::assertEqualsWithDelta(0.039, $t->nominalInterference(Length::mm(50.01), 'N7')[1], 1e-9);
        $this->expectException(Nonsense::class);
        $t->nominalInterference(Length::mm(500), 'N7');
    }

    public function test_clearance_classes_overlap_and_rise(): void
    {
        $t = new Tolerances;
        foreach ([8, 15, 20, 30, 40, 50] as $bore) {
            [$tight, $normal, $wide] = array_map(static fn (string $c): array => $t->clearance(Length::mm($bore), $c), ['C2', 'CN', 'C3']);
            self::assertLessThan($normal[0], $tight[0]);
            self::assertLessThan($wide[0], $normal[0]);
            self::assertGreaterThan($normal[0], $tight[1], 'neighbours overlap');
            self::assertGreaterThan($wide[0], $normal[1], 'neighbours overlap');
        }
        self::assertEqualsWithDelta([0.005, 0.020], $t->clearance(Length::mm(20), 'CN'), 1e-9);
    }

    public function test_materials_are_in_the_order_engineers_know(): void
    {
        self::assertEqualsWithDelta(23.0e-6, Material::Aluminium->alpha(), 1e-12);
        self::assertGreaterThan(1.9 * Material::Steel->alpha(), Material::Aluminium->alpha());
        self::assertGreaterThan(Material::CastIron->elastic(), Material::Steel->elastic());
        foreach (Material::cases() as $material) {
            self::assertGreaterThan(0.2, $material->poisson());
            self::assertLessThan(0.4, $material->poisson());
            self::assertGreaterThan(0, $material->hoopLimit());
            self::assertNotSame('', $material->label());
        }
    }

    /** The stress area of a metric thread is π/4·(d − 0.9382·P)². */
    public function test_threads_against_their_formula(): void
    {
        foreach (Table::rows('threads') as $row) {
            $area = M_PI / 4 * ((float) $row['diameter_mm'] - 0.9382 * (float) $row['pitch_mm']) ** 2;
            self::assertEqualsWithDelta($area, (float) $row['stress_area_mm2'], 0.01 * $area, $row['name']);
        }
        self::assertEqualsWithDelta(36672, DrawBolt::M12->limit(0.75)->newtons, 10);
        self::assertSame(1.75, DrawBolt::M12->pitch());
    }

    public function test_every_table_says_where_it_comes_from(): void
    {
        foreach (glob(dirname(__DIR__, 2).'/data/*.csv') ?: [] as $file) {
            foreach (Table::rows(basename($file, '.csv')) as $row) {
                self::assertNotSame('', $row['source'] ?? '', basename($file));
            }
        }
    }

    public function test_every_limit_is_used_and_every_limit_used_is_there(): void
    {
        $source = '';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $source .= file_get_contents((string) $file);
        }
        foreach (Table::rows('limits') as $row) {
            $used = str_contains($source, "'{$row['name']}'") || preg_match('/^heat\.limit_\w+_c$/', $row['name']) === 1;
            self::assertTrue($used, "Nothing uses the limit {$row['name']}.");
        }
        $this->expectException(OutOfBoundsException::class);
        Limits::standard()->get('no.such.limit');
    }

    public function test_a_missing_table_is_a_fault_of_the_program(): void
    {
        $this->expectException(RuntimeException::class);
        Table::rows('nothing');
    }
}
