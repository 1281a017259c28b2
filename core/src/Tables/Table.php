<?php

declare(strict_types=1);

namespace CleanRace\Core\Tables;

use RuntimeException;

/**
 * Reads the tables in core/data: CSV with a header line, in UTF-8. Each is read once in a process; a server that keeps
 * compiled PHP in memory may have them laid ready as PHP ({@see self::readyIn}), so that none is read at a request.
 */
final class Table
{
    /** @var array<string, list<array<string, string>>> */
    private static array $read = [];

    /** @var array<string, array<int|string, array<string, string>>> */
    private static array $keyed = [];

    /** @var array<string, array<int|string, mixed>> */
    private static array $indexed = [];

    private static ?string $ready = null;

    /** Where the tables lie ready as PHP; null when they are to be read from the CSV. */
    public static function readyIn(?string $folder): void
    {
        self::$ready = $folder;
    }

    /** @return list<string> names of all there are */
    public static function names(): array
    {
        return array_map(static fn (string $file): string => basename($file, '.csv'), glob(self::folder().'/*.csv') ?: []);
    }

    /**
     * @return list<array<string, string>> one map a row, by the header's names
     *
     * @throws RuntimeException when the table is not there or a row has not as many cells as the header
     */
    public static function rows(string $name): array
    {
        return self::$read[$name] ??=
            self::$ready !== null && is_file(self::$ready."/$name.php") ? require self::$ready."/$name.php" : self::read($name);
    }

    /** @return array<int|string, array<string, string>> the rows by their first column, `name` */
    public static function keyed(string $name): array
    {
        return self::$keyed[$name] ??= array_column(self::rows($name), null, 'name');
    }

    /**
     * Something found out from a table once and looked up often; laid ready beside the tables it comes from.
     *
     * @template T of array<int|string, mixed>
     *
     * @param  callable(): T  $make
     * @return T
     */
    public static function index(string $name, callable $make): array
    {
        /** @var T */
        return self::$indexed[$name] ??=
            self::$ready !== null && is_file(self::$ready."/index.$name.php") ? require self::$ready."/index.$name.php" : $make();
    }

    /** @return list<array<string, string>> */
    private static function read(string $name): array
    {
        $file = @fopen(self::folder()."/$name.csv", 'r') ?: throw new RuntimeException("No table named $name.");
        $header = array_map(strval(...), fgetcsv($file, null, ',', '"', '') ?: []);
        $rows = [];
        while (is_array($cells = fgetcsv($file, null, ',', '"', ''))) {
            if (count($cells) !== count($header)) {
                throw new RuntimeException("Table $name: the row \"".implode(',', $cells).'" does not match its header.');
            }
            $rows[] = array_combine($header, array_map(strval(...), $cells));
        }
        fclose($file);

        return $rows;
    }

    private static function folder(): string
    {
        return dirname(__DIR__, 2).'/data';
    }
}
