<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Tables;

use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\RunInSeparateProcess;
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

    /** @return iterable<string, array{string, float}> the stamp that lies beside laid tables, and the limit that is read then */
    public static function stamps(): iterable
    {
        yield 'laid from these tables' => [Table::stamp(), 0.5];
        yield 'laid from others' => ['of another day', 0.9];
    }

    #[DataProvider('stamps')]
    #[RunInSeparateProcess]
    public function test_tables_that_were_laid_are_used_only_while_their_sources_stand(string $stamp, float $sure): void
    {
        $folder = sys_get_temp_dir().'/laid-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("$folder/limits.php", "<?php return [['name' => 'level.sure', 'value' => '0.5']];");
        file_put_contents("$folder/stamp.php", "<?php return '$stamp';");
        try {
            Table::readyIn($folder);
            self::assertSame($sure, Limits::standard()->get('level.sure'));
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }

    public function test_a_stamp_changes_with_what_a_table_says_and_when(): void
    {
        $folder = sys_get_temp_dir().'/stamp-'.bin2hex(random_bytes(6));
        mkdir($folder);
        try {
            file_put_contents("$folder/a.csv", "name\nx\n");
            touch("$folder/a.csv", 1_000_000);
            $stamps = [Table::stamp($folder)];
            touch("$folder/a.csv", 1_000_001);
            clearstatcache();
            $stamps[] = Table::stamp($folder);
            file_put_contents("$folder/a.csv", "name\nx\ny\n");
            touch("$folder/a.csv", 1_000_001);
            clearstatcache();
            $stamps[] = Table::stamp($folder);
            self::assertCount(3, array_unique($stamps));
        } finally {
            unlink("$folder/a.csv");
            rmdir($folder);
        }
    }
}
