<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Seating\Plan\SeatVerdicts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A part that went in another way round than such parts usually lie is asked about; one that lies either way is not. */
final class WayRoundTest extends TestCase
{
    /** @return iterable<string, array{PartKind, array<string, mixed>, bool}> */
    public static function fitted(): iterable
    {
        yield 'a spacer as usual' => [PartKind::Spacer, ['state' => 'fitted', 'way_round' => 'long end out'], false];
        yield 'a spacer otherwise' => [PartKind::Spacer, ['state' => 'fitted', 'way_round' => 'either way'], true];
        yield 'a spacer of which nobody said' => [PartKind::Spacer, ['state' => 'fitted'], false];
        yield 'a spacer that lies on the tray' => [PartKind::Spacer, ['state' => 'on_tray', 'way_round' => 'either way'], false];
        yield 'a washer lies either way: its chamfer was seen' => [
            PartKind::Washer,
            ['state' => 'fitted', 'way_round' => 'chamfer in'],
            false,
        ];
        yield 'a felt ring has no way round' => [PartKind::Felt, ['state' => 'fitted', 'way_round' => 'upside down'], false];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('fitted')]
    public function test_it_is_asked_about(PartKind $kind, array $entry, bool $asked): void
    {
        $verdict = SeatVerdicts::wayRound(Part::of($kind, Side::Left, 'Part', []), $entry);
        self::assertSame($asked ? 'seat.way_round' : null, $verdict?->headline->key);
    }
}
