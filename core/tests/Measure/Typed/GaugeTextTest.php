<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\GaugeText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a gauge shows, with its unit. */
final class GaugeTextTest extends TestCase
{
    /** @return iterable<string, array{string, ?string, float}> typed, unit of it, amount */
    public static function gauges(): iterable
    {
        yield 'bar' => ['35 bar', 'mpa', 3.5];
        yield 'psi' => ['500psi', 'mpa', 3.447];
        yield 'kilonewtons' => ['2,4 kN', 'n', 2400];
        yield 'tonnes' => ['1.2 t', 'n', 11767.98];
        yield 'kilograms on a gauge are a force' => ['250 kgf', 'n', 2451.66];
        yield 'a wrench' => ['6 Nm', 'nm', 6];
        yield 'foot-pounds' => ['10 ft-lb', 'nm', 13.558];
        yield 'no unit' => ['35', null, 0];
        yield 'no number' => ['bar', null, 0];
        yield 'a unit nobody knows' => ['3 stone', null, 0];
    }

    #[DataProvider('gauges')]
    public function test_what_a_gauge_shows_is_read_with_its_unit(string $typed, ?string $unit, float $amount): void
    {
        try {
            $read = (new GaugeText())->read($typed);
            self::assertSame($unit, $read->unit()->value);
            self::assertEqualsWithDelta($amount, $read->amount(), 0.01);
        } catch (InvalidInput $invalid) {
            self::assertNull($unit, $invalid->getMessage());
        }
    }
}
