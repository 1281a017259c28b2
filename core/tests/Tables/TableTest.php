<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Tables;

use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use OutOfBoundsException;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** The tables themselves: where each comes from, and that every limit is used. */
final class TableTest extends TestCase
{
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
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src', \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
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
