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

    /** The size that has these three measures, in mm; the commonest when more than one has. */
    public function measuring(float $bore, float $outside, float $width): ?Bearing
    {
        $best = null;
        foreach (Table::rows('bearings') as $row) {
            $fits = abs((float) $row['bore_mm'] - $bore) < 0.005 && abs((float) $row['outside_mm'] - $outside) < 0.005
                && (abs((float) $row['width_sealed_mm'] - $width) < 0.005 || abs((float) $row['width_open_mm'] - $width) < 0.005);
            if ($fits && ($best === null || (int) $row['commonness'] > (int) $best['commonness'])) {
                $best = $row;
            }
        }

        return $best === null ? null : $this->find($best['number']);
    }

    /** @return list<Bearing> */
    public function all(): array
    {
        return array_map(fn (array $row): Bearing => $this->find($row['number']) ?? Bearing::fromRow($row), Table::rows('bearings'));
    }
}
