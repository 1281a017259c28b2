<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Measure\QuantityText;
use CleanRace\Core\Measure\Unit;
use PHPUnit\Framework\TestCase;

/** The table beside it holds for the browser too: tests/browser/words.spec.ts reads the same rows. */
final class QuantityTextTest extends TestCase
{
    /** @return list<array{value: string, unit: string, digits: string, metric: string, inch: string}> */
    private static function rows(): array
    {
        $rows = [];
        foreach (array_slice(file(__DIR__.'/quantities.csv', FILE_IGNORE_NEW_LINES) ?: [], 1) as $line) {
            [$value, $unit, $digits, $metric, $inch] = explode(',', $line);
            $rows[] = ['value' => $value, 'unit' => $unit, 'digits' => $digits, 'metric' => $metric, 'inch' => $inch];
        }

        return $rows;
    }

    public function test_each_quantity_is_written_in_either_system(): void
    {
        foreach (self::rows() as $row) {
            $unit = Unit::from($row['unit']);
            self::assertSame($row['metric'], (new QuantityText())->write((float) $row['value'], $unit, (int) $row['digits']));
            self::assertSame(
                $row['inch'],
                (new QuantityText(LengthUnit::Inch))->write((float) $row['value'], $unit, (int) $row['digits']),
            );
        }
    }

    public function test_the_table_names_every_unit_and_so_do_the_usual_decimals(): void
    {
        self::assertEqualsCanonicalizing(
            array_column(Unit::cases(), 'value'),
            array_values(array_unique(array_column(self::rows(), 'unit'))),
        );
        foreach (Unit::cases() as $unit) {
            self::assertGreaterThanOrEqual(0, QuantityText::digits($unit));
        }
    }
}
