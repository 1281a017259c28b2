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
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** What a press fit leaves of the clearance. */
final class ClearanceLeftTest extends TestCase
{
    public function test_clearance_left_as_worked_by_hand(): void
    {
        $left = static fn (float $p, ClearanceClass $class = ClearanceClass::CN) => (new ClearanceLeft())->work(
            new ClearanceLeftInput(Length::mm(20), Length::mm(47), Pressure::megapascals($p), $class),
        );
        self::assertEqualsWithDelta(0.0079, $left(5.42)->taken->mm, 0.00005);
        self::assertSame(Level::Care, $left(5.42)->verdict->level);
        self::assertSame(Level::Go, $left(5.42, ClearanceClass::C3)->verdict->level);
        self::assertSame(Level::Go, $left(0)->verdict->level);
        self::assertSame(Level::Stop, $left(12)->verdict->level);
    }

    public function test_clearance_says_when_the_standard_does_not_reach(): void
    {
        $this->expectException(InvalidInput::class);
        (new ClearanceLeft())->work(new ClearanceLeftInput(Length::mm(200), Length::mm(300), Pressure::megapascals(1)));
    }
}
