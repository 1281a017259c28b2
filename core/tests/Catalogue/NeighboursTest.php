<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Tables\Table;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Sizes that lie close to another: all that do, never the same one, the nearest first. */
final class NeighboursTest extends TestCase
{
    #[TestWith(['6204', 1.0])]
    #[TestWith(['6204', 5.0])]
    #[TestWith(['6001', 2.5])]
    #[TestWith(['R8', 2.0])]
    #[TestWith(['6305', 3.0])]
    public function test_all_that_lie_near_and_never_the_same(string $number, float $within): void
    {
        $size = (new BearingTable())->find($number);
        self::assertNotNull($size);
        $near = (new BearingTable())->neighbours($size, $within);
        $expected = [];
        foreach (Table::rows('bearings') as $row) {
            $bore = abs((float) $row['bore_mm'] - $size->bore->mm);
            $outside = abs((float) $row['outside_mm'] - $size->outside->mm);
            if (max($bore, $outside) <= $within && max($bore, $outside) > 0.05) {
                $expected[] = $row['number'];
            }
        }
        $found = array_map(static fn (Bearing $b): string => $b->number, $near);
        self::assertSame([], array_diff($found, $expected));
        self::assertCount(min(8, count($expected)), $found);
        $away = array_map(
            static fn (Bearing $b): float => abs($b->bore->mm - $size->bore->mm) + abs($b->outside->mm - $size->outside->mm)
                + abs($b->sealedWidth->mm - $size->sealedWidth->mm),
            $near,
        );
        $sorted = $away;
        sort($sorted);
        self::assertSame($sorted, $away);
    }
}
