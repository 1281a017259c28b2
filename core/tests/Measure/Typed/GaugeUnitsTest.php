<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Measure\Typed\GaugeText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every unit a gauge or a wrench may show, against the definition of the unit. */
final class GaugeUnitsTest extends TestCase
{
    /** @return iterable<string, array{string, float}> typed, newtons, megapascals or newton-metres */
    public static function units(): iterable
    {
        $pound = 0.45359237 * 9.80665;
        yield 'newtons' => ['250 N', 250.0];
        yield 'kilonewtons' => ['2.4 kN', 2400.0];
        yield 'kilograms of force' => ['10 kgf', 98.0665];
        yield 'kilograms' => ['10 kg', 98.0665];
        yield 'kiloponds' => ['10 kp', 98.0665];
        yield 'pounds of force' => ['100 lbf', 100 * $pound];
        yield 'pounds' => ['100 lb', 100 * $pound];
        yield 'tonnes' => ['1.5 t', 1500 * 9.80665];
        yield 'bar' => ['35 bar', 3.5];
        yield 'megapascals' => ['3,5 MPa', 3.5];
        yield 'pounds to the square inch' => ['500 psi', 500 * $pound / 25.4 ** 2];
        yield 'newton-metres' => ['12 Nm', 12.0];
        yield 'foot-pounds' => ['10 ft-lb', 10 * $pound * 0.3048];
        yield 'inch-pounds' => ['90 in-lb', 90 * $pound * 0.0254];
    }

    #[DataProvider('units')]
    public function test_a_unit_is_what_it_is_defined_as(string $typed, float $amount): void
    {
        $read = (new GaugeText())->read($typed);
        self::assertInstanceOf(Quantity::class, $read);
        self::assertEqualsWithDelta($amount, $read->amount(), 1e-5 * $amount);
    }

    public function test_a_number_without_a_unit_is_no_gauge(): void
    {
        $this->expectException(InvalidInput::class);
        (new GaugeText())->read('35');
    }
}
