<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

/** One bearing of the catalogue. */
final class BearingTest extends TestCase
{
    public function test_corner_of_a_bearing_comes_from_the_table_where_it_knows(): void
    {
        self::assertSame(1.0, (new BearingTable())->find('6204')?->corner()->mm);
        self::assertSame(
            Bearing::usualCorner(Length::mm(12.7), Length::mm(28.575))->mm,
            (new BearingTable())->find('R8')?->corner()->mm,
        );
    }

    public function test_only_slanted_tracks_have_a_way_round(): void
    {
        self::assertSame(
            [BearingKind::AngularContact, BearingKind::Taper],
            array_values(array_filter(BearingKind::cases(), static fn (BearingKind $k): bool => $k->isOneWay())),
        );
    }
}
