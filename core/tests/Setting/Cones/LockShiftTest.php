<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Setting\Cones\ConeFelt;
use CleanRace\Core\Setting\Cones\ConeHub;
use CleanRace\Core\Setting\Cones\ConeStage;
use CleanRace\Core\Setting\Cones\ConeTry;
use CleanRace\Core\Setting\Cones\LeverFeel;
use CleanRace\Core\Setting\Cones\LockShift;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\TestCase;

/** What a hub's tries show of its lock nut: only the same mark, open and then locked, with play read both times. */
final class LockShiftTest extends TestCase
{
    private static function hub(): ConeHub
    {
        return ConeHub::of(
            Limits::standard(),
            Length::mm(300),
            Length::mm(50),
            Length::mm(20),
            'M10 × 1',
            AxleKind::Solid,
            Length::mm(0),
            null,
            LeverFeel::Usual,
        );
    }

    private static function tried(float $mark, ConeStage $stage, ?float $rim): ConeTry
    {
        return new ConeTry(
            Angle::degrees($mark),
            $stage,
            ConeFelt::Play,
            $rim === null ? null : Reading::mm($rim, Instrument::DigitalCaliper),
        );
    }

    public function test_the_same_mark_open_then_locked_tells_by_how_much_it_moved(): void
    {
        $hub = self::hub();
        $shown = LockShift::shownBy($hub, [self::tried(0, ConeStage::Open, 1.2), self::tried(0, ConeStage::Locked, 0.6)]);
        self::assertCount(1, $shown);
        self::assertEqualsWithDelta((0.6 / $hub->lever()) * 360, $shown[0]->shift->degrees, 0.01, 'a pitch of 1 mm a turn');
    }

    public function test_what_was_not_open_before_or_has_no_reading_tells_nothing(): void
    {
        $open = static fn (?float $rim): ConeTry => self::tried(0, ConeStage::Open, $rim);
        $locked = static fn (float $mark, ?float $rim): ConeTry => self::tried($mark, ConeStage::Locked, $rim);
        foreach (
            [
                [$locked(0, 1.2), $locked(0, 0.6)],
                [$open(1.2), $open(0.6)],
                [$open(1.2), $locked(20, 0.6)],
                [$open(null), $locked(0, 0.6)],
                [$open(1.2), $locked(0, null)],
                [$open(1.2), $locked(0, 0.0)],
                [$locked(0, 0.6)],
            ] as $i => $tries
        ) {
            self::assertSame([], LockShift::shownBy(self::hub(), $tries), "tries $i");
        }
    }
}
