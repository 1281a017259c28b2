<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeft;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeftInput;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Forces on shafts, and out of corroded seats. */
final class ShaftForceTest extends TestCase
{
    /** @param  array<string, mixed>  $changed */
    private static function onShaft(array $changed = []): \CleanRace\Core\Mechanics\Pressing\PressForceResult
    {
        return (new PressForce(Limits::standard()))->work(
            new PressForceInput(
                ...$changed + [
                    'bore' => Length::mm(30),
                    'outside' => Length::mm(62),
                    'width' => Length::mm(16),
                    'interference' => Length::mm(0.012),
                    'contactLength' => Length::mm(14),
                    'seat' => RingSeat::Shaft,
                ],
            ),
        );
    }

    public function test_force_on_a_solid_and_on_a_hollow_shaft_by_lame(): void
    {
        // Inner ring 30 to 38 on a solid steel shaft: p = 0.007 / (30·((38²+30²)/(38²−30²) + 0.3 + 1 − 0.3)/206000).
        $expected = 0.007 / ((30 * ((38 ** 2 + 900) / (38 ** 2 - 900) + 1)) / 206000);
        self::assertEqualsWithDelta($expected, self::onShaft()->pressure->megapascals, 1e-6);
        self::assertEqualsWithDelta(0.12 * $expected * M_PI * 30 * 14, self::onShaft()->force->newtons, 0.01);
        $hollow = self::onShaft(['shaftHole' => Length::mm(20)]);
        self::assertEqualsWithDelta(
            0.007 / ((30 * ((38 ** 2 + 900) / (38 ** 2 - 900) + (900 + 400) / (900 - 400))) / 206000),
            $hollow->pressure->megapascals,
            1e-6,
        );
        self::assertLessThan(self::onShaft()->force->newtons, $hollow->force->newtons, 'a hollow shaft gives way');
        self::assertLessThan(self::onShaft()->force->newtons, self::onShaft(['material' => Material::Aluminium])->force->newtons);
    }

    public function test_a_hole_as_wide_as_the_shaft_and_a_hub_that_is_not_measured_are_refused(): void
    {
        foreach (
            [[['shaftHole' => Length::mm(30)], 'shaft_hole_mm'], [['seat' => RingSeat::Bore], 'hub_outside_mm']] as [$changed, $field]
        ) {
            try {
                self::onShaft($changed);
                self::fail($field);
            } catch (InvalidInput $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    public function test_a_corroded_ring_takes_more_to_come_out(): void
    {
        self::assertEqualsWithDelta(((self::onShaft()->force->newtons * 0.2) / 0.12) * 1.5, self::onShaft()->removal->newtons, 0.01);
    }

    /** @return iterable<string, array{Material, float, float, Level}> material, wall, interference, level */
    public static function hubs(): iterable
    {
        yield 'nylon gives way and loses its grip' => [Material::Nylon, 56, 0.03, Level::Care];
        yield 'nylon pressed too hard splits' => [Material::Nylon, 52, 0.35, Level::Stop];
        yield 'magnesium, thin and tight' => [Material::Magnesium, 53, 0.13, Level::Stop];
        yield 'magnesium as it should be' => [Material::Magnesium, 66, 0.025, Level::Go];
        yield 'iron' => [Material::CastIron, 80, 0.02, Level::Go];
    }

    #[DataProvider('hubs')]
    public function test_thin_and_plastic_hubs(Material $material, float $hub, float $interference, Level $level): void
    {
        $result = (new PressForce(Limits::standard()))->work(
            new PressForceInput(
                Length::mm(20),
                Length::mm(47),
                Length::mm(14),
                Length::mm($interference),
                Length::mm($hub),
                material: $material,
            ),
        );
        self::assertSame(
            $level,
            $result->verdict->level,
            $result->verdict->headline->inEnglish().' '.$result->pressure->megapascals.' '.$result->hoopStress->megapascals,
        );
    }

    public function test_clearance_taken_by_the_inner_ring(): void
    {
        $left = (new ClearanceLeft(Limits::standard()))->work(
            new ClearanceLeftInput(Length::mm(30), Length::mm(62), shaftPressure: Pressure::megapascals(10)),
        );
        self::assertEqualsWithDelta((2 * 10 * 900 * 38) / (206000 * (38 ** 2 - 900)), $left->taken->mm, 1e-9);
        $both = (new ClearanceLeft(Limits::standard()))->work(
            new ClearanceLeftInput(Length::mm(30), Length::mm(62), Pressure::megapascals(5), shaftPressure: Pressure::megapascals(10)),
        );
        self::assertGreaterThan($left->taken->mm, $both->taken->mm);
        $this->expectException(InvalidInput::class);
        new ClearanceLeftInput(Length::mm(30), Length::mm(62));
    }
}
