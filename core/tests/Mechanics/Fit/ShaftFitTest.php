<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Fit\Remedies;
use CleanRace\Core\Mechanics\Fit\ShaftFit;
use CleanRace\Core\Mechanics\Fit\ShaftFitInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A ring pressed on a shaft. */
final class ShaftFitTest extends TestCase
{
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
        $result = (new ShaftFit(Limits::standard()))->work(
            new ShaftFitInput(Length::mm(30), $shaft === null ? null : Reading::mm($shaft, Instrument::Micrometer), null, $feel),
        );
        self::assertSame($level, $result->verdict->level, $result->verdict->headline->inEnglish());
        self::assertSame($result->decided->mm >= 0.005, $result->remedies === []);
    }

    public function test_a_shaft_of_another_bearing_is_refused(): void
    {
        try {
            new ShaftFitInput(Length::mm(30), Reading::mm(25, Instrument::Micrometer));
            self::fail('was taken');
        } catch (InvalidInput $invalid) {
            self::assertSame('shaft_mm', $invalid->field);
        }
    }

    public function test_bands_show_what_is_measured_and_what_the_standard_allows(): void
    {
        $nominal = (new Fit(Limits::standard()))->work(new FitInput(Length::mm(47)))->bands;
        self::assertEqualsWithDelta(
            [-0.011, 0.0, -0.033, -0.008],
            [$nominal->ringLow->mm, $nominal->ringHigh->mm, $nominal->seatLow->mm, $nominal->seatHigh->mm],
            1e-9,
        );
        self::assertFalse($nominal->seatMeasured);
        $measured = (new Fit(Limits::standard()))->work(new FitInput(Length::mm(47), Reading::mm(46.98, Instrument::BoreGauge)))->bands;
        self::assertTrue($measured->seatMeasured);
        self::assertEqualsWithDelta([-0.025, -0.015], [$measured->seatLow->mm, $measured->seatHigh->mm], 1e-9);
    }

    public function test_remedies_go_by_the_gap(): void
    {
        $of = static fn (float $gap, RingSeat $seat, ?Material $material): array => (new Remedies(Limits::standard()))->of(
            $gap,
            $gap - 0.01,
            Evidence::of($seat === RingSeat::Bore ? 47 : 20, $seat, material: $material),
        );
        $names = static fn (float $gap, RingSeat $seat = RingSeat::Bore, ?Material $material = null): array => array_map(
            static fn ($r): string => ($r->serves ? '' : 'stopgap ').English::of($r->name),
            $of($gap, $seat, $material),
        );
        self::assertSame([], $names(-0.02));
        self::assertSame(['Retaining compound', 'Sleeve', 'Another hub'], $names(0.03));
        self::assertSame(['stopgap Retaining compound', 'Sleeve', 'Another hub'], $names(0.2));
        self::assertSame(['Sleeve', 'Another shaft'], $names(0.6, RingSeat::Shaft));
        self::assertSame(['Another hub'], $names(0.03, RingSeat::Bore, Material::Nylon), 'no compound holds in nylon');
        self::assertStringContainsString('0.05 mm to 0.15 mm', English::of($of(0.12, RingSeat::Bore, null)[0]->what));
    }
}
