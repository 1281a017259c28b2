<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Warmth;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Warmth\Heat;
use CleanRace\Core\Mechanics\Warmth\HeatInput;
use CleanRace\Core\Mechanics\Warmth\HubFinish;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How warm a hub must be. */
final class HeatTest extends TestCase
{
    /** @return iterable<string, array{HeatInput, float, float}> rise, hub to */
    public static function heats(): iterable
    {
        yield 'worked, aluminium' => [
            new HeatInput(Length::mm(47), Length::mm(0.025), Material::Aluminium, Temperature::celsius(18)),
            41.6,
            59.6,
        ];
        yield 'worked, steel' => [
            new HeatInput(Length::mm(52), Length::mm(0.015), Material::Steel, Temperature::celsius(20)),
            57.5,
            77.5,
        ];
        yield 'small bearing, smaller allowance' => [
            new HeatInput(Length::mm(22), Length::mm(0.01), Material::Aluminium, Temperature::celsius(20)),
            39.5,
            59.5,
        ];
    }

    #[DataProvider('heats')]
    public function test_heat_as_worked_by_hand(HeatInput $input, float $rise, float $wanted): void
    {
        $result = (new Heat(Limits::standard()))->work($input);
        self::assertEqualsWithDelta($rise, $result->rise->kelvin, 0.05);
        self::assertEqualsWithDelta($wanted, $result->wanted->celsius, 0.05);
        self::assertSame(Level::Go, $result->verdict->level);
    }

    public function test_a_freezer_alone_is_never_enough_and_takes_its_share(): void
    {
        $with = (new Heat(Limits::standard()))->work(
            new HeatInput(Length::mm(47), Length::mm(0.025), Material::Aluminium, Temperature::celsius(18), HubFinish::Bare, true),
        );
        self::assertEqualsWithDelta(0.02, $with->freezerShrink->mm, 0.0005);
        self::assertGreaterThan(0, $with->rise->kelvin);
        self::assertLessThan(41.6, $with->rise->kelvin);
    }

    public function test_heat_stops_at_what_is_near_and_presses_the_rest(): void
    {
        $result = (new Heat(Limits::standard()))->work(
            new HeatInput(Length::mm(47), Length::mm(0.05), Material::Aluminium, Temperature::celsius(18), HubFinish::Rubber),
        );
        self::assertSame(Level::Care, $result->verdict->level);
        self::assertEqualsWithDelta(60.0, $result->target->celsius, 1e-9);
        $none = (new Heat(Limits::standard()))->work(new HeatInput(Length::mm(47), Length::mm(-0.05)));
        self::assertSame('heat.none', $none->verdict->headline->key);
    }
}
