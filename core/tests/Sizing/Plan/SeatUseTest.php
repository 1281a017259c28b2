<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Mechanics\Fit\RingTolerance;
use CleanRace\Core\Sizing\Plan\SeatUse;
use PHPUnit\Framework\TestCase;

/** To which tolerance a ring was made: inch tapers over their number, all others under. */
final class SeatUseTest extends TestCase
{
    public function test_only_inch_tapers_are_made_over_their_size(): void
    {
        $cup = static fn (float $outside): Part => Part::of(PartKind::TaperCup, Side::Left, 'Cup', [
            'outside' => $outside,
            'width' => 12,
        ]);
        $cone = Part::of(PartKind::TaperCone, Side::Left, 'Cone', ['bore' => 19.05, 'outside' => 40, 'width' => 16]);
        $bearing = Part::of(PartKind::Bearing, Side::Left, 'Bearing', ['bore' => 19.05, 'outside' => 41.275, 'width' => 11]);
        self::assertSame(RingTolerance::InchTaper, SeatUse::made($cup(45.237), RingSeat::Bore));
        self::assertSame(RingTolerance::Normal, SeatUse::made($cup(52.0), RingSeat::Bore), '30205');
        self::assertSame(RingTolerance::InchTaper, SeatUse::made($cone, RingSeat::Shaft));
        self::assertSame(RingTolerance::Normal, SeatUse::made($bearing, RingSeat::Bore), 'inch, and no taper');
    }
}
