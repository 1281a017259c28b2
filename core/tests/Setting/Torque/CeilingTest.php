<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Torque;

use CleanRace\Core\Catalogue\BoltGrade;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Setting\Torque\TorqueInput;
use CleanRace\Core\Setting\Torque\TorqueSetting;
use CleanRace\Core\Setting\Torque\TorqueSource;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** What a thread takes at most is held against the torque at the bolt, whatever the wrench is set to. */
final class CeilingTest extends TestCase
{
    private static function level(float $atBolt, float $turned): Level
    {
        $input = new TorqueInput(
            TorqueSource::Manual,
            Torque::newtonMetres($atBolt),
            'M10',
            BoltGrade::G88,
            wrenchLength: Length::mm(300),
            adapter: Length::mm(100),
            adapterAngle: Angle::degrees($turned),
        );

        return (new TorqueSetting(Limits::standard()))->work($input)->verdict->level;
    }

    public function test_an_adapter_hides_no_torque_that_is_too_much_and_makes_none_of_one_that_is_not(): void
    {
        // M10 of grade 8.8, dry, takes about 50 N·m. In line the wrench shows less than the bolt gets, turned back more.
        self::assertSame(Level::Stop, self::level(60.0, 0.0), 'set to 45 it makes 60 at the bolt');
        self::assertSame(Level::Go, self::level(45.0, 180.0), 'set to 67.5 it makes 45 at the bolt');
    }
}
