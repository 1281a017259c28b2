<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Mechanics\Pressing\PressForceResult;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The pressure of a fit is as sure as its force is, however light the fit. */
final class PressForceResultTest extends TestCase
{
    #[TestWith([2000.0, 2600.0, 3.0])]
    #[TestWith([0.8, 1.2, 5.0])]
    #[TestWith([0.0, 300.0, 0.0])]
    public function test_pressure_is_off_as_far_as_force_is(float $force, float $high, float $plusMinus): void
    {
        $newtons = Force::newtons(...);
        $result = new PressForceResult(
            Pressure::megapascals(10),
            Pressure::megapascals(20),
            $newtons($force),
            $newtons(0),
            $newtons($high),
            $newtons(5000),
            $newtons(0),
            null,
            Torque::newtonMetres(1),
            Verdict::go(Message::of('a', 'A'), Message::of('b', 'B')),
        );
        self::assertEqualsWithDelta($plusMinus, $result->pressurePlusMinus()->megapascals, 1e-9);
    }
}
