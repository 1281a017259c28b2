<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\TestCase;

/** Every table from a second direction: values typed independently, and the rules that such tables follow. */
final class TolerancesAndMaterialsTest extends TestCase
{
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
                [, $most] = (new Tolerances())->nominalInterference(Length::mm($size), $class);
                self::assertGreaterThan($last, $most, "$class at $size");
                $last = $most;
            }
        }
    }

    public function test_nominal_interference_as_worked_by_hand(): void
    {
        $t = new Tolerances();
        self::assertEqualsWithDelta([-0.003, 0.033], $t->nominalInterference(Length::mm(47), 'N7'), 1e-9);
        self::assertEqualsWithDelta([-0.004, 0.039], $t->nominalInterference(Length::mm(62), 'N7'), 1e-9);
    }

    public function test_a_range_holds_its_upper_end_and_not_its_lower(): void
    {
        $t = new Tolerances();
        self::assertEqualsWithDelta(0.033, $t->nominalInterference(Length::mm(50), 'N7')[1], 1e-9);
        self::assertEqualsWithDelta(0.039, $t->nominalInterference(Length::mm(50.01), 'N7')[1], 1e-9);
        $this->expectException(InvalidInput::class);
        $t->nominalInterference(Length::mm(500), 'N7');
    }

    public function test_clearance_classes_overlap_and_rise(): void
    {
        $t = new Tolerances();
        foreach ([8, 15, 20, 30, 40, 50] as $bore) {
            [$tight, $normal, $wide] = array_map(static fn (string $c): array => $t->clearance(Length::mm($bore), $c), [
                'C2',
                'CN',
                'C3',
            ]);
            self::assertLessThan($normal[0], $tight[0]);
            self::assertLessThan($wide[0], $normal[0]);
            self::assertGreaterThan($normal[0], $tight[1], 'neighbours overlap');
            self::assertGreaterThan($wide[0], $normal[1], 'neighbours overlap');
        }
        self::assertEqualsWithDelta([0.005, 0.02], $t->clearance(Length::mm(20), 'CN'), 1e-9);
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
            $area = (M_PI / 4) * ((float) $row['diameter_mm'] - 0.9382 * (float) $row['pitch_mm']) ** 2;
            self::assertEqualsWithDelta($area, (float) $row['stress_area_mm2'], 0.01 * $area, $row['name']);
        }
        self::assertEqualsWithDelta(36672, DrawBolt::M12->limit(0.75)->newtons, 10);
        self::assertSame(1.75, DrawBolt::M12->pitch());
    }
}
