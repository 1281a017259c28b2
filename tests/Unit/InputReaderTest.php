<?php

declare(strict_types=1);

namespace Tests\Unit;

use App\Calculators\CalculatorCard;
use App\Calculators\CalculatorField;
use App\Calculators\InputFaults;
use App\Calculators\InputReader;
use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Mechanics\Squareness\SquareInput;
use CleanRace\Core\Mechanics\Warmth\HeatInput;
use CleanRace\Core\Seating\Home\HomeInput;
use CleanRace\Core\Seating\Home\HomeSign;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** JSON becomes typed input, or faults with their fields. */
final class InputReaderTest extends TestCase
{
    public function test_what_is_left_out_is_as_usual(): void
    {
        $heat = (new InputReader())->read(HeatInput::class, ['outside_mm' => 47, 'interference_mm' => 0.02]);
        self::assertSame([47.0, Material::Aluminium, false, null], [$heat->outside->mm, $heat->material, $heat->freezer, $heat->room]);
    }

    public function test_null_and_empty_are_left_out_too(): void
    {
        $heat = (new InputReader())->read(HeatInput::class, [
            'outside_mm' => 47,
            'interference_mm' => 0.02,
            'room_c' => null,
            'material' => '',
        ]);
        self::assertNull($heat->room);
        self::assertSame(Material::Aluminium, $heat->material);
    }

    /** @return iterable<string, array{mixed, float, float, ?Instrument}> given, value, half-width, instrument */
    public static function readings(): iterable
    {
        yield 'number' => [46.98, 46.98, 0.03, Instrument::DigitalCaliper];
        yield 'text' => ['46,98', 46.98, 0.03, Instrument::DigitalCaliper];
        yield 'inches' => ['1.85 in', 46.99, 0.03, Instrument::DigitalCaliper];
        yield 'with its instrument' => [['value' => 46.98, 'instrument' => 'bore_gauge'], 46.98, 0.005, Instrument::BoreGauge];
        yield 'text with its instrument' => [['value' => '46.98', 'instrument' => 'steel_rule'], 46.98, 0.5, Instrument::SteelRule];
        yield 'with its uncertainty' => [['value' => 46.98, 'plus_minus_mm' => 0.012], 46.98, 0.012, null];
    }

    #[DataProvider('readings')]
    public function test_a_reading_comes_in_several_shapes(mixed $given, float $value, float $halfWidth, ?Instrument $by): void
    {
        $bore = (new InputReader())->read(FitInput::class, ['outside_mm' => 47, 'bore_mm' => $given])->bore;
        self::assertNotNull($bore);
        self::assertEqualsWithDelta([$value, $halfWidth], [$bore->value->mm, $bore->halfWidth->mm], 1e-9);
        self::assertSame($by, $bore->instrument);
    }

    /** @return iterable<string, array{mixed}> */
    public static function badReadings(): iterable
    {
        yield 'no value' => [['instrument' => 'vernier']];
        yield 'unknown key' => [['value' => 46.98, 'by' => 'vernier']];
        yield 'unknown instrument' => [['value' => 46.98, 'instrument' => 'thumb']];
        yield 'negative uncertainty' => [['value' => 46.98, 'plus_minus_mm' => -1]];
        yield 'a list' => [[46.98, 46.99]];
        yield 'yes' => [true];
        yield 'words' => ['about 47'];
    }

    #[DataProvider('badReadings')]
    public function test_a_reading_that_is_none_is_refused_by_name(mixed $given): void
    {
        self::assertSame(['bore_mm'], self::faultyFields(FitInput::class, ['outside_mm' => 47, 'bore_mm' => $given]));
    }

    public function test_lists_name_the_item_and_the_field(): void
    {
        $good = ['clock' => '12', 'depth_mm' => 3];
        $fields = self::faultyFields(SquareInput::class, [
            'bore_mm' => 20,
            'outside_mm' => 47,
            'readings' => [$good, ['clock' => '25', 'depth_mm' => 'x'], 'what'],
        ]);
        self::assertSame(['readings.1.clock', 'readings.1.depth_mm', 'readings.2.clock', 'readings.2.depth_mm'], $fields);
    }

    public function test_lists_of_answers_are_answers(): void
    {
        $home = (new InputReader())->read(HomeInput::class, ['width_mm' => 14, 'signs' => ['note_changed', 'hard_stop']]);
        self::assertSame([HomeSign::NoteChanged, HomeSign::HardStop], $home->signs);
        self::assertSame(['signs'], self::faultyFields(HomeInput::class, ['width_mm' => 14, 'signs' => ['note_changed', 'sang']]));
        self::assertSame(
            ['signs'],
            self::faultyFields(HomeInput::class, ['width_mm' => 14, 'signs' => array_fill(0, 101, 'hard_stop')]),
        );
        self::assertSame(['signs'], self::faultyFields(HomeInput::class, ['width_mm' => 14, 'signs' => ['a' => 'hard_stop']]));
    }

    public function test_every_fault_is_said_in_one_go_and_strangers_are_named(): void
    {
        $fields = self::faultyFields(PressForceInput::class, [
            'bore_mm' => 'x',
            'outside_mm' => -1,
            'hub_outside_mm' => 66,
            'interference_mm' => 9,
            'draw_bolt' => 'M7',
            'colour' => 'red',
        ]);
        sort($fields);
        self::assertSame(['bore_mm', 'colour', 'draw_bolt', 'interference_mm', 'outside_mm', 'width_mm'], $fields);
    }

    public function test_rules_between_fields_are_asked_only_when_each_is_right(): void
    {
        $press = ['bore_mm' => 20, 'outside_mm' => 47, 'width_mm' => 14, 'hub_outside_mm' => 40, 'interference_mm' => 0.02];
        self::assertSame(['hub_outside_mm'], self::faultyFields(PressForceInput::class, $press));
        self::assertSame(['bore_mm'], self::faultyFields(PressForceInput::class, ['bore_mm' => 'x'] + $press));
    }

    public function test_numbers_may_come_as_text_where_they_are_no_lengths(): void
    {
        $press = (new InputReader())->read(PressForceInput::class, [
            'bore_mm' => 20,
            'outside_mm' => 47,
            'width_mm' => 14,
            'hub_outside_mm' => 66,
            'interference_mm' => 0.02,
            'press_capacity_n' => '117680',
            'draw_bolt' => 'M16',
        ]);
        self::assertSame(117680.0, $press->pressCapacity?->newtons);
        self::assertSame(DrawBolt::M16, $press->drawBolt);
    }

    public function test_limits_of_a_field_are_said_with_their_unit(): void
    {
        try {
            (new InputReader())->read(HeatInput::class, ['outside_mm' => 47, 'interference_mm' => 0.02, 'room_c' => 300]);
            self::fail('was taken');
        } catch (InputFaults $faults) {
            self::assertSame('It must lie between -30 and 50 °C.', $faults->faults[0]['detail']);
            self::assertSame($faults->faults[0]['detail'], $faults->getMessage());
        }
    }

    public function test_every_calculator_describes_every_field_it_takes(): void
    {
        foreach (Registry::all() as $name => $class) {
            $card = CalculatorCard::of($class);
            self::assertSame($name, $card->name);
            self::assertNotSame([], $card->fields, $name);
            foreach ($card->fields as $field) {
                self::assertNotSame('', $field->label, "$name {$field->name}");
                self::assertSame(
                    $field->kind === 'choice' || $field->kind === 'choices',
                    $field->options !== [],
                    "$name {$field->name}",
                );
                self::assertSame($field->kind === 'list', $field->of !== [], "$name {$field->name}");
                self::assertSame($field->kind === 'reading', $field->instrument !== null, "$name {$field->name}");
            }
            $known = array_map(static fn (CalculatorField $f): string => $f->name, $card->fields);
            self::assertSame([], array_diff(array_keys((array) $card->example), $known), "$name: its example");
        }
    }

    /**
     * @param  class-string  $class
     * @param  array<string, mixed>  $given
     * @return list<string>
     */
    private static function faultyFields(string $class, array $given): array
    {
        try {
            (new InputReader())->read($class, $given);
        } catch (InputFaults $faults) {
            foreach ($faults->faults as $fault) {
                self::assertMatchesRegularExpression('/^[A-Z0-9"].*\.$/u', $fault['detail']);
            }

            return array_column($faults->faults, 'field');
        }
        self::fail('was taken');
    }
}
