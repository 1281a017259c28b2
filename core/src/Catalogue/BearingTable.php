<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

/** The bearing sizes the program knows. */
final class BearingTable
{
    /** @var ?array<int|string, Bearing> the same in the whole process: the table does not change */
    private static ?array $byNumber = null;

    public function __construct()
    {
        self::$byNumber ??= array_map(Bearing::fromRow(...), array_column(Table::rows('bearings'), null, 'number'));
    }

    public function find(string $number): ?Bearing
    {
        return self::$byNumber[$number] ?? null;
    }

    /** @return list<Bearing> */
    public function all(): array
    {
        return array_values(self::$byNumber ?? []);
    }
}
