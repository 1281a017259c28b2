<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Table;

/** The bearing sizes the program knows. */
final class BearingTable
{
    /** Two sizes closer than this, in mm, are the same size. */
    private const SAME = 0.005;

    /** @var array<int|string, ?Bearing> those asked for so far, the same in the whole process: the table does not change */
    private static array $found = [];

    /** By its number as the table has it; null when it has none such. */
    public function find(string $number): ?Bearing
    {
        $rows = Table::index('bearings', self::byNumber(...));

        return self::$found[$number] ??= isset($rows[$number]) ? Bearing::fromRow($rows[$number]) : null;
    }

    /** The size that has these three measures, in mm; the commonest when more than one has. */
    public function measuring(float $bore, float $outside, float $width): ?Bearing
    {
        $best = null;
        foreach (Table::index('holes', self::byHole(...))[self::hole($bore, $outside)] ?? [] as $row) {
            $fits =
                abs((float) $row['width_sealed_mm'] - $width) < self::SAME || abs((float) $row['width_open_mm'] - $width) < self::SAME;
            if ($fits && ($best === null || (int) $row['commonness'] > (int) $best['commonness'])) {
                $best = $row;
            }
        }

        return $best === null ? null : $this->find($best['number']);
    }

    /** The commonest of this bore, or of this outside, or of both; null when the table has none. */
    public function commonest(?Length $bore, ?Length $outside): ?Bearing
    {
        $best = null;
        foreach (Table::rows('bearings') as $row) {
            $fits =
                ($bore === null || abs((float) $row['bore_mm'] - $bore->mm) < self::SAME) &&
                ($outside === null || abs((float) $row['outside_mm'] - $outside->mm) < self::SAME);
            if ($fits && ($best === null || (int) $row['commonness'] > (int) $best['commonness'])) {
                $best = $row;
            }
        }

        return $best === null ? null : $this->find($best['number']);
    }

    /** @return list<Bearing> all of this bore and outside, whatever their width; the commonest first */
    public function inSameHole(Bearing $size): array
    {
        $rows = Table::index('holes', self::byHole(...))[self::hole($size->bore->mm, $size->outside->mm)] ?? [];
        usort($rows, static fn (array $a, array $b): int => (int) $b['commonness'] <=> (int) $a['commonness']);

        return $this->named($rows);
    }

    /** @return list<Bearing> whose bore and outside lie close to this one's but are not the same; the nearest first, at most eight */
    public function neighbours(Bearing $size, float $withinMm): array
    {
        $near = [];
        foreach (Table::rows('bearings') as $row) {
            $bore = abs((float) $row['bore_mm'] - $size->bore->mm);
            $outside = abs((float) $row['outside_mm'] - $size->outside->mm);
            if ($bore <= $withinMm && $outside <= $withinMm && $bore + $outside > self::SAME) {
                $near[] = [
                    $bore + $outside + abs((float) $row['width_sealed_mm'] - $size->sealedWidth->mm),
                    -(int) $row['commonness'],
                    $row,
                ];
            }
        }
        usort($near, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return $this->named(array_slice(array_column($near, 2), 0, 8));
    }

    /**
     * @param  array{float, float}  $bore least and most, mm
     * @param  array{float, float}  $outside least and most, mm
     * @return list<Bearing> whose bore and outside lie within these
     */
    public function within(array $bore, array $outside): array
    {
        $lies = static fn (string $mm, array $between): bool => (float) $mm >= $between[0] && (float) $mm <= $between[1];

        return $this->named(
            array_values(
                array_filter(
                    Table::rows('bearings'),
                    static fn (array $row): bool => $lies($row['bore_mm'], $bore) && $lies($row['outside_mm'], $outside),
                ),
            ),
        );
    }

    /** @return list<Bearing> */
    public function all(): array
    {
        return $this->named(Table::rows('bearings'));
    }

    /** @return array<int|string, array<string, string>> */
    public static function byNumber(): array
    {
        return array_column(Table::rows('bearings'), null, 'number');
    }

    /** @return array<string, list<array<string, string>>> rows by bore and outside */
    public static function byHole(): array
    {
        $holes = [];
        foreach (Table::rows('bearings') as $row) {
            $holes[self::hole((float) $row['bore_mm'], (float) $row['outside_mm'])][] = $row;
        }

        return $holes;
    }

    /**
     * @return list<array{bore: float, outside: float, open: float, closed: float, commonness: int,
     *   numbers: non-empty-list<string>}> each size once, the commonest of its numbers first
     */
    public static function bySize(): array
    {
        $sizes = [];
        foreach (Table::rows('bearings') as $row) {
            $sizes[implode(' × ', [$row['bore_mm'], $row['outside_mm'], $row['width_open_mm'], $row['width_sealed_mm']])][] = $row;
        }

        return array_map(static function (array $rows): array {
            usort($rows, static fn (array $a, array $b): int => (int) $b['commonness'] <=> (int) $a['commonness']);

            return [
                'bore' => (float) $rows[0]['bore_mm'],
                'outside' => (float) $rows[0]['outside_mm'],
                'open' => (float) $rows[0]['width_open_mm'],
                'closed' => (float) $rows[0]['width_sealed_mm'],
                'commonness' => (int) $rows[0]['commonness'],
                'numbers' => array_map(static fn (array $row): string => $row['number'], $rows),
            ];
        }, array_values($sizes));
    }

    private static function hole(float $bore, float $outside): string
    {
        return sprintf('%.2f × %.2f', $bore, $outside);
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @return list<Bearing>
     */
    private function named(array $rows): array
    {
        return array_map(fn (array $row): Bearing => $this->find($row['number']) ?? Bearing::fromRow($row), $rows);
    }
}
