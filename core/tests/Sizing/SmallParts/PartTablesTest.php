<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\SmallParts;

use CleanRace\Core\Tables\Table;
use PHPUnit\Framework\TestCase;

/** Tables of small parts. */
final class PartTablesTest extends TestCase
{
    public function test_tables_of_small_parts_are_in_order_and_none_stands_twice(): void
    {
        foreach (
            [
                'seals' => ['shaft_mm', 'bore_mm', 'width_mm'],
                'balls' => ['diameter_mm'],
                'split_pins' => ['size_mm'],
                'o_rings' => ['inside_mm', 'section_mm'],
            ] as $table => $columns
        ) {
            $keys = array_map(
                static fn (array $row): string => implode('|', array_map(static fn (string $c): string => $row[$c], $columns)),
                Table::rows($table),
            );
            self::assertSame($keys, array_values(array_unique($keys)), $table);
        }
        foreach (Table::rows('seals') as $row) {
            self::assertGreaterThan(3, (float) $row['bore_mm'] - (float) $row['shaft_mm'], implode(' ', $row));
        }
        foreach (Table::rows('split_pins') as $i => $row) {
            self::assertLessThan((float) $row['size_mm'], (float) $row['pin_most_mm']);
            self::assertSame(
                $i === 0 ? $row['bolt_over_mm'] : Table::rows('split_pins')[$i - 1]['bolt_upto_mm'],
                $row['bolt_over_mm'],
                'ranges of bolts join',
            );
        }
    }
}
