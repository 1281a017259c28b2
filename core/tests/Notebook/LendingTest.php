<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Notebook;

use CleanRace\Core\Notebook\PlaceTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What one job may lend another: what is true of the hub, never what was seen, felt or done on a day. */
final class LendingTest extends TestCase
{
    /** @return iterable<string, array{string, ?bool}> the address, and whether it is of this wheel only; null when it is not lent */
    public static function places(): iterable
    {
        foreach (['fastener.axle_nut.spanner', 'size.left.number', 'size.part.seal_left', 'size.part.castle_nut_left.hole',
            'size.hub_material', 'seat.left.driver', 'seat.driver.opening', 'set.cone.axle', 'strip.way'] as $machine) {
            yield $machine => [$machine, false];
        }
        $own = ['size.sleeve_length', 'size.over_faces', 'check.ring_side', 'check.fittings', 'hub.edits', 'set.centre.spacer_left'];
        foreach ($own as $wheel) {
            yield $wheel => [$wheel, true];
        }
        foreach (['fastener.axle_nut.done', 'size.left.bore', 'size.part.bearing_left.outside', 'size.room_temperature', 'bore.left.lip.12',
            'fit.left.feel', 'part.bearing_left', 'check.rock_3_9', 'strip.look.axle', 'seat.left.home.12', 'seat.warmed',
            'set.turns',
            'set.pins', 'set.axle_passes', 'prove.spins', 'word.set.cone', 'hub.as_found', 'source.list.done', 'set.taper.dial',
            'xfastener.axle_nut.spanner', 'fastener.axle_nut.spanners'] as $day) {
            yield $day => [$day, null];
        }
    }

    #[DataProvider('places')]
    public function test_what_is_lent(string $address, ?bool $thisWheel): void
    {
        self::assertSame($thisWheel === false, preg_match('~'.PlaceTable::lending(thisWheel: false).'~', $address) === 1);
        self::assertSame($thisWheel === true, preg_match('~'.PlaceTable::lending(thisWheel: true).'~', $address) === 1);
    }
}
