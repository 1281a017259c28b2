<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Pressing\ClearanceClass;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeft;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeftInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** What a press fit leaves of the clearance. */
final class ClearanceLeftTest extends TestCase
{
    public function test_clearance_left_as_worked_by_hand(): void
    {
        $left = static fn (float $p, ClearanceClass $class = ClearanceClass::CN) => (new ClearanceLeft(Limits::standard()))->work(
            new ClearanceLeftInput(Length::mm(20), Length::mm(47), Pressure::megapascals($p), $class),
        );
        self::assertEqualsWithDelta(0.0079, $left(5.42)->taken->mm, 0.00005);
        self::assertSame(Level::Go, $left(5.42)->verdict->level, 'a sound fit is clean');
        self::assertSame(Level::Go, $left(0)->verdict->level);
        // CN of bore 20 is 5 to 20: half of it has less than 12.5; 17.5 taken leaves less than -5 to more than half.
        self::assertSame(Level::Go, $left(5.42 * 17.3 / 7.9)->verdict->level);
        self::assertSame(Level::Care, $left(5.42 * 17.8 / 7.9)->verdict->level);
        self::assertSame(Level::Go, $left(5.42 * 17.8 / 7.9, ClearanceClass::C3)->verdict->level);
        self::assertSame(Level::Care, $left(60)->verdict->level, 'clearance alone never stops');
    }

    public function test_a_fast_blade_spindle_is_judged_a_little_harder(): void
    {
        $left = static fn (bool $blade): Level => (new ClearanceLeft(Limits::standard()))->work(
            new ClearanceLeftInput(Length::mm(20), Length::mm(47), Pressure::megapascals(5.42 * 17 / 7.9), blade: $blade),
        )->verdict->level;
        self::assertSame([Level::Go, Level::Care], [$left(false), $left(true)]);
    }

    public function test_clearance_says_when_the_standard_does_not_reach(): void
    {
        $this->expectException(InvalidInput::class);
        (new ClearanceLeft(Limits::standard()))->work(new ClearanceLeftInput(Length::mm(200), Length::mm(300), Pressure::megapascals(1)));
    }
}
