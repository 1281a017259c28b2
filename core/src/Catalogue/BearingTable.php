<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

/** The bearing sizes the program knows. */
final class BearingTable
{
    /** @var array<string, ?Bearing> those asked for so far, the same in the whole process: the table does not change */
    private static array $found = [];

    /** @var ?array<int|string, array<string, string>> */
    private static ?array $rows = null;

    public function find(string $number): ?Bearing
    {
        self::$rows ??= array_column(Table::rows('bearings'), null, 'number');

        return self::$found[$number] ??= isset(self::$rows[$number]) ? Bearing::fromRow(self::$rows[$number]) : null;
    }

    /** @return list<Bearing> */
    public function all(): array
    {
        return array_map(fn (array $row): Bearing => $this->find($row['number']) ?? Bearing::fromRow($row), Table::rows('bearings'));
    }
}
