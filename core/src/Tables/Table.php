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

    private static ?string $laid = null;

    private static ?bool $current = null;

    /**
     * Where the tables lie ready as PHP; null when they are to be read from the CSV. They are used only while the stamp that
     * lies with them, `stamp.php`, is that of the CSV as it is now.
     */
    public static function readyIn(?string $folder): void
    {
        self::$laid = $folder;
        self::$current = null;
    }

    /** What tells tables from others: name, size and time of change of each file; those of core when no folder is named. */
    public static function stamp(?string $folder = null): string
    {
        $files = array_map(
            static fn (string $file): string => basename($file).filesize($file).filemtime($file),
            glob(($folder ?? self::folder()).'/*.csv') ?: [],
        );

        return md5(implode(' ', $files));
    }

    /** The file in which this lies ready; null when none does, or when what lies there is out of date. */
    private static function ready(string $name): ?string
    {
        if (self::$laid === null) {
            return null;
        }
        self::$current ??= is_file(self::$laid.'/stamp.php') && (require self::$laid.'/stamp.php') === self::stamp();
        $file = self::$laid."/$name.php";

        return self::$current && is_file($file) ? $file : null;
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
        if (! isset(self::$read[$name])) {
            $ready = self::ready($name);
            self::$read[$name] = $ready === null ? self::read($name) : require $ready;
        }

        return self::$read[$name];
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
        if (! isset(self::$indexed[$name])) {
            $ready = self::ready("index.$name");
            self::$indexed[$name] = $ready === null ? $make() : require $ready;
        }

        /** @var T */
        return self::$indexed[$name];
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
