<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\TemperatureText;
use CleanRace\Core\Measure\Typed\TorqueText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Torques and temperatures as people type them. */
final class TorqueTextTest extends TestCase
{
    public function test_reads_torques_in_the_units_of_manuals(): void
    {
        $text = new TorqueText();
        self::assertEqualsWithDelta(45.0, $text->read('45')->newtonMetres, 1e-9);
        self::assertEqualsWithDelta(45.0, $text->read('45 Nm')->newtonMetres, 1e-9);
        self::assertEqualsWithDelta(45.0, $text->read('45 N·m')->newtonMetres, 1e-9);
        self::assertEqualsWithDelta(44.74, $text->read('33 ft-lb')->newtonMetres, 0.01);
        self::assertEqualsWithDelta(44.74, $text->read('33 ft lbs')->newtonMetres, 0.01);
        self::assertEqualsWithDelta(10.17, $text->read('90 in-lb')->newtonMetres, 0.01);
        self::assertEqualsWithDelta(2.5, $text->read('2,5')->newtonMetres, 1e-9);
    }

    /** @return iterable<array{string}> */
    public static function notTorques(): iterable
    {
        foreach (['', 'tight', '-5', '45 stone', '0', '20000', '4 5'] as $typed) {
            yield [$typed];
        }
    }

    #[DataProvider('notTorques')]
    public function test_refuses_what_is_no_torque(string $typed): void
    {
        $this->expectException(InvalidInput::class);
        (new TorqueText())->read($typed);
    }

    public function test_reads_the_temperature_of_a_shop(): void
    {
        $text = TemperatureText::ofShop();
        self::assertEqualsWithDelta(18.0, $text->read('18')->celsius, 1e-9);
        self::assertEqualsWithDelta(18.5, $text->read('18,5 °C')->celsius, 1e-9);
        self::assertEqualsWithDelta(17.78, $text->read('64 F')->celsius, 0.01);
        self::assertEqualsWithDelta(-4.0, $text->read('-4')->celsius, 1e-9);
        foreach (['', 'warm', '200', '18 K'] as $typed) {
            try {
                $text->read($typed);
                self::fail($typed);
            } catch (InvalidInput $invalid) {
                self::assertNotSame('', $invalid->getMessage());
            }
        }
    }

    /** A pound of force is 4.4482216 N, a foot 0.3048 m, a kilogram of force 9.80665 N: exact by definition. */
    public function test_every_spelling_of_a_unit_is_that_unit(): void
    {
        $foot = 0.45359237 * 9.80665 * 0.3048;
        foreach (
            [
                '10 Nm' => 10.0,
                '10 N·m' => 10.0,
                '10 ft-lb' => 10 * $foot,
                '10 ft lbs' => 10 * $foot,
                '10 lb-ft' => 10 * $foot,
                '10 lbft' => 10 * $foot,
                '10 in-lb' => (10 * $foot) / 12,
                '10 inlbs' => (10 * $foot) / 12,
                '10 kgm' => 98.0665,
                '10 kgf-m' => 98.0665,
            ] as $typed => $newtonMetres
        ) {
            self::assertEqualsWithDelta($newtonMetres, (new TorqueText())->read($typed)->newtonMetres, 1e-4, $typed);
        }
    }

    public function test_no_wheel_takes_more_than_a_thousand(): void
    {
        self::assertEqualsWithDelta(1000.0, (new TorqueText())->read('1000')->newtonMetres, 1e-9);
        $this->expectException(InvalidInput::class);
        (new TorqueText())->read('1001');
    }
}
