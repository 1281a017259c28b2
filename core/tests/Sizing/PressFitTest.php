<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Fit\Remedies;
use CleanRace\Core\Mechanics\Fit\ShaftFit;
use CleanRace\Core\Mechanics\Fit\ShaftFitInput;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeft;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeftInput;
use CleanRace\Core\Mechanics\Pressing\PressFit;
use CleanRace\Core\Mechanics\Pressing\PressFitInput;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Mechanics\Warmth\RingHeat;
use CleanRace\Core\Mechanics\Warmth\RingHeatInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rings on shafts, thin and plastic hubs, hollow shafts, and everything that follows from one fit. */
final class PressFitTest extends TestCase
{
    /** @return iterable<string, array{float, string, float, float}> size, class, least and most interference in µm, worked from the standards by hand */
    public static function nominal(): iterable
    {
        yield 'N7 on 47' => [47, 'N7', -3, 33];
        yield 'N7 on 62' => [62, 'N7', -4, 39];
        yield 'P7 on 47' => [47, 'P7', 6, 42];
        yield 'M7 on 47' => [47, 'M7', -11, 25];
        yield 'k6 on 30' => [30, 'k6', 2, 25];
        yield 'j6 on 20' => [20, 'j6', -4, 19];
        yield 'k6 on 15' => [15, 'k6', 1, 20];
    }

    #[DataProvider('nominal')]
    public function test_nominal_fits(float $size, string $class, float $least, float $most): void
    {
        $tolerances = new Tolerances;
        [$low, $high] = ctype_upper($class[0]) ? $tolerances->nominalInterference(Length::mm($size), $class) : $tolerances->nominalShaftInterference(Length::mm($size), $class);
        self::assertEqualsWithDelta([$least / 1000, $most / 1000], [$low, $high], 1e-9);
    }

    /** @return iterable<string, array{?float, ?FitFeel, Level}> */
    public static function shafts(): iterable
    {
        yield 'ground to k6' => [30.012, null, Level::Go];
        yield 'driving on' => [null, FitFeel::FirmDriving, Level::Go];
        yield 'worn' => [29.96, null, Level::Stop];
        yield 'a hair under' => [29.993, null, Level::Care];
        yield 'drops on' => [null, FitFeel::DropsIn, Level::Stop];
        yield 'nothing known' => [null, null, Level::Care];
    }

    #[DataProvider('shafts')]
    public function test_a_ring_pressed_on_a_shaft(?float $shaft, ?FitFeel $feel, Level $level): void
    {
        $result = (new ShaftFit(Limits::standard()))->work(new ShaftFitInput(Length::mm(30), $shaft === null ? null : Reading::mm($shaft, Instrument::Micrometer), null, $feel));
        self::assertSame($level, $result->verdict->level, $result->verdict->headline->inEnglish());
        self::assertSame($result->interference->mm >= 0.005, $result->remedies === []);
    }

    public function test_a_shaft_of_another_bearing_is_refused(): void
    {
        try {
            new ShaftFitInput(Length::mm(30), Reading::mm(25, Instrument::Micrometer));
            self::fail('was taken');
        } catch (Nonsense $nonsense) {
            self::assertSame('shaft_mm', $nonsense->field);
        }
    }

    public function test_bands_show_what_is_measured_and_what_the_standard_allows(): void
    {
        $nominal = (new Fit(Limits::standard()))->work(new FitInput(Length::mm(47)))->bands;
        self::assertEqualsWithDelta([-0.011, 0.0, -0.033, -0.008], [$nominal->ringLow->mm, $nominal->ringHigh->mm, $nominal->seatLow->mm, $nominal->seatHigh->mm], 1e-9);
        self::assertFalse($nominal->seatMeasured);
        $measured = (new Fit(Limits::standard()))->work(new FitInput(Length::mm(47), Reading::mm(46.98, Instrument::BoreGauge)))->bands;
        self::assertTrue($measured->seatMeasured);
        self::assertEqualsWithDelta([-0.025, -0.015], [$measured->seatLow->mm, $measured->seatHigh->mm], 1e-9);
    }

    public function test_remedies_go_by_the_gap(): void
    {
        $names = static fn (float $gap, RingSeat $seat = RingSeat::Bore): array => array_map(static fn ($r): string => ($r->serves ? '' : 'stopgap ').English::of($r->name), (new Remedies(Limits::standard()))->of($gap, $gap - 0.01, $seat));
        self::assertSame([], $names(-0.02));
        self::assertSame(['Retaining compound', 'Sleeve', 'Another hub'], $names(0.03));
        self::assertSame(['stopgap Retaining compound', 'Sleeve', 'Another hub'], $names(0.2));
        self::assertSame(['Sleeve', 'Another shaft'], $names(0.6, RingSeat::Shaft));
        self::assertStringContainsString('0.05 mm to 0.15 mm', English::of((new Remedies(Limits::standard()))->of(0.12, 0.1, RingSeat::Bore)[0]->what));
    }

    /** @param  array<string, mixed>  $changed */
    private static function onShaft(array $changed = []): \CleanRace\Core\Mechanics\Pressing\PressForceResult
    {
        return (new PressForce(Limits::standard()))->work(new PressForceInput(...($changed + ['bore' => Length::mm(30), 'outside' => Length::mm(62), 'width' => Length::mm(16), 'interference' => Length::mm(0.012), 'contactLength' => Length::mm(14), 'seat' => RingSeat::Shaft])));
    }

    public function test_force_on_a_solid_and_on_a_hollow_shaft_by_lame(): void
    {
        // Inner ring 30 to 38 on a solid steel shaft: p = 0.007 / (30·((38²+30²)/(38²−30²) + 0.3 + 1 − 0.3)/206000).
        $expected = 0.007 / (30 * ((38 ** 2 + 900) / (38 ** 2 - 900) + 1) / 206000);
        self::assertEqualsWithDelta($expected, self::onShaft()->pressure->megapascals, 1e-6);
        self::assertEqualsWithDelta(0.12 * $expected * M_PI * 30 * 14, self::onShaft()->force->newtons, 0.01);
        $hollow = self::onShaft(['shaftHole' => Length::mm(20)]);
        self::assertEqualsWithDelta(0.007 / (30 * ((38 ** 2 + 900) / (38 ** 2 - 900) + (900 + 400) / (900 - 400)) / 206000), $hollow->pressure->megapascals, 1e-6);
        self::assertLessThan(self::onShaft()->force->newtons, $hollow->force->newtons, 'a hollow shaft gives way');
        self::assertLessThan(self::onShaft()->force->newtons, self::onShaft(['material' => Material::Aluminium])->force->newtons);
    }

    public function test_a_hole_as_wide_as_the_shaft_and_a_hub_that_is_not_measured_are_refused(): void
    {
        foreach ([[['shaftHole' => Length::mm(30)], 'shaft_hole_mm'], [['seat' => RingSeat::Bore], 'hub_outside_mm']] as [$changed, $field]) {
            try {
                self::onShaft($changed);
                self::fail($field);
            } catch (Nonsense $nonsense) {
                self::assertSame($field, $nonsense->field);
            }
        }
    }

    public function test_a_corroded_ring_takes_more_to_come_out(): void
    {
        self::assertEqualsWithDelta(self::onShaft()->force->newtons * 0.20 / 0.12 * 1.5, self::onShaft()->removal->newtons, 0.01);
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
        $result = (new PressForce(Limits::standard()))->work(new PressForceInput(Length::mm(20), Length::mm(47), Length::mm(14), Length::mm($interference), Length::mm($hub), material: $material));
        self::assertSame($level, $result->verdict->level, $result->verdict->headline->inEnglish().' '.$result->pressure->megapascals.' '.$result->hoopStress->megapascals);
    }

    public function test_clearance_taken_by_the_inner_ring(): void
    {
        $left = (new ClearanceLeft)->work(new ClearanceLeftInput(Length::mm(30), Length::mm(62), shaftPressure: Pressure::megapascals(10)));
        self::assertEqualsWithDelta(2 * 10 * 900 * 38 / (206000 * (38 ** 2 - 900)), $left->taken->mm, 1e-9);
        $both = (new ClearanceLeft)->work(new ClearanceLeftInput(Length::mm(30), Length::mm(62), Pressure::megapascals(5), shaftPressure: Pressure::megapascals(10)));
        self::assertGreaterThan($left->taken->mm, $both->taken->mm);
        $this->expectException(Nonsense::class);
        new ClearanceLeftInput(Length::mm(30), Length::mm(62));
    }

    public function test_a_bearing_is_warmed_for_a_shaft_and_never_past_what_its_seals_bear(): void
    {
        $heat = static fn (float $mm, bool $sealed) => (new RingHeat(Limits::standard()))->work(new RingHeatInput(Length::mm(30), Length::mm($mm), $sealed, Temperature::celsius(20)));
        self::assertEqualsWithDelta(0.032 / (30 * 11.7e-6), $heat(0.012, false)->rise->kelvin, 1e-6);
        self::assertSame([Level::Care, 80.0], [$heat(0.012, true)->verdict->level, $heat(0.012, true)->target->celsius]);
        self::assertSame([Level::Care, 110.0], [$heat(0.03, false)->verdict->level, $heat(0.03, false)->target->celsius]);
        self::assertSame(Level::Go, $heat(0.0, true)->verdict->level);
    }

    public function test_one_set_of_readings_gives_fit_heat_force_and_clearance(): void
    {
        $result = (new PressFit(Limits::standard()))->work(new PressFitInput('6204 2RS', measured: Reading::mm(46.98, Instrument::BoreGauge), hubOutside: Length::mm(66), material: Material::Aluminium, room: Temperature::celsius(18)));
        self::assertSame([20.0, 47.0, 14.0], [$result->bore->mm, $result->outside->mm, $result->width->mm]);
        self::assertSame(Level::Go, $result->fit->verdict->level);
        self::assertEqualsWithDelta(($result->fit->interference->mm + 0.02) / (47 * 23e-6), $result->heat->rise->kelvin, 1e-4);
        self::assertGreaterThan(0, $result->force?->force->newtons);
        self::assertGreaterThan(0, $result->clearance?->taken->mm);
        $tighter = (new PressFit(Limits::standard()))->work(new PressFitInput('6204 2RS', measured: Reading::mm(46.97, Instrument::BoreGauge), hubOutside: Length::mm(66)));
        self::assertGreaterThan($result->force->force->newtons ?? INF, $tighter->force->force->newtons ?? 0.0);
        self::assertGreaterThan($result->heat->rise->kelvin, $tighter->heat->rise->kelvin);
    }

    public function test_what_is_missing_is_said_and_nothing_is_made_up(): void
    {
        $result = (new PressFit(Limits::standard()))->work(new PressFitInput('6204'));
        self::assertNull($result->force);
        self::assertNull($result->clearance);
        self::assertSame('press_fit.wall', $result->verdict->why[0]->key);
        foreach ([[null, 'number'], ['6220', 'number'], ['rubbish', 'number']] as [$number, $field]) {
            try {
                (new PressFit(Limits::standard()))->work(new PressFitInput($number));
                self::fail((string) $number);
            } catch (Nonsense $nonsense) {
                self::assertSame($field, $nonsense->field);
            }
        }
        $shaft = (new PressFit(Limits::standard()))->work(new PressFitInput('6206', seat: RingSeat::Shaft, feel: FitFeel::FirmDriving));
        self::assertSame(Level::Go, $shaft->fit->verdict->level);
        self::assertGreaterThan(0, $shaft->force?->force->newtons);
    }
}
