<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Does a bore hold its ring. */
final class FitTest extends TestCase
{
    private static function fit(
        ?float $bore,
        ?FitFeel $feel,
        Instrument $by = Instrument::DigitalCaliper,
        bool $compound = false,
        Material $material = Material::Aluminium,
    ): \CleanRace\Core\Mechanics\Fit\FitResult {
        return (new Fit(Limits::standard()))->work(
            new FitInput(
                Length::mm(47),
                $bore === null ? null : Reading::mm($bore, $by),
                null,
                $feel,
                material: $material,
                compound: $compound,
            ),
        );
    }

    public function test_the_interference_is_what_was_read_however_far_it_lies(): void
    {
        foreach ([[46.7, 0.3], [46.98, 0.02], [47.6, -0.6], [45.5, 1.5]] as [$bore, $delta]) {
            $fit = self::fit($bore, null, Instrument::BoreGauge);
            self::assertEqualsWithDelta(
                $delta - 0.0055,
                $fit->interference->mm,
                0.002,
                "$bore, the ring at the middle of its tolerance",
            );
        }
    }

    /** @return iterable<string, array{?float, ?FitFeel, Instrument, Level}> */
    public static function fits(): iterable
    {
        $caliper = Instrument::DigitalCaliper;
        $gauge = Instrument::BoreGauge;
        yield 'caliper and firm driving' => [46.98, FitFeel::FirmDriving, $caliper, Level::Go];
        yield 'firm driving alone' => [null, FitFeel::FirmDriving, $caliper, Level::Go];
        yield 'will not start alone: stop hitting, measure' => [null, FitFeel::WillNotStart, $caliper, Level::Care];
        yield 'three tenths too tight' => [46.7, null, $caliper, Level::Stop];
        yield 'three tenths too tight, whatever the hands say' => [46.7, FitFeel::WillNotStart, $caliper, Level::Stop];
        yield 'a tenth too tight by gauge' => [46.9, null, $gauge, Level::Stop];
        yield 'a tenth too tight by caliper, who may be half as much' => [46.93, null, $caliper, Level::Care];
        yield 'as tight as makers fit it' => [46.965, FitFeel::FirmDriving, $gauge, Level::Go];
        yield 'bore gauge alone' => [46.975, null, $gauge, Level::Go];
        yield 'caliper alone straddles' => [46.99, null, $caliper, Level::Care];
        yield 'light taps alone' => [null, FitFeel::LightTaps, $caliper, Level::Care];
        yield 'thumb push alone' => [null, FitFeel::ThumbPush, $caliper, Level::Care];
        yield 'drops in' => [null, FitFeel::DropsIn, $caliper, Level::Stop];
        yield 'rattles' => [47.06, FitFeel::Rattles, $caliper, Level::Stop];
        yield 'gauge says loose' => [47.03, null, $gauge, Level::Stop];
        yield 'gauge says it will creep' => [46.997, null, $gauge, Level::Care];
        yield 'nothing known' => [null, null, $caliper, Level::Care];
    }

    #[DataProvider('fits')]
    public function test_a_fit_is_decided_on_readings_and_hands_together(
        ?float $bore,
        ?FitFeel $feel,
        Instrument $by,
        Level $level,
    ): void {
        $result = self::fit($bore, $feel, $by);
        self::assertSame($level, $result->verdict->level, $result->verdict->headline->inEnglish());
        self::assertSame($level === Level::Go, $result->verdict->settledBy === null);
    }

    public function test_readings_and_hands_that_disagree_are_named(): void
    {
        self::assertSame('fit.clash', self::fit(47.15, FitFeel::FirmDriving, Instrument::BoreGauge)->verdict->headline->key);
    }

    public function test_compound_turns_a_loose_bore_into_care_but_not_a_worn_out_one(): void
    {
        self::assertSame(Level::Care, self::fit(47.04, FitFeel::DropsIn, compound: true)->verdict->level);
        self::assertSame('fit.worn', self::fit(47.2, FitFeel::Rattles, compound: true)->verdict->headline->key);
    }

    public function test_aluminium_lets_go_when_warm_and_steel_does_not(): void
    {
        $aluminium = self::fit(46.98, null, Instrument::BoreGauge);
        self::assertEqualsWithDelta($aluminium->interference->mm - 47 * 11.3e-6 * 40, $aluminium->interferenceWarm->mm, 1e-6);
        self::assertGreaterThan($aluminium->interference->mm, $aluminium->interferenceCold->mm);
        self::assertEqualsWithDelta(
            0.0,
            self::fit(46.98, null, Instrument::BoreGauge, material: Material::Steel)->interferenceWarm->mm -
                self::fit(46.98, null, Instrument::BoreGauge, material: Material::Steel)->interference->mm,
            1e-6,
        );
        self::assertSame(
            'fit.warm',
            self::fit(46.981, null, Instrument::BoreGauge, material: Material::Magnesium)->verdict->headline->key,
        );
    }

    public function test_a_tighter_bore_is_never_less_sure_to_grip(): void
    {
        $last = 2.0;
        for ($bore = 46.9; $bore < 47.1; $bore += 0.01) {
            $grips = self::fit($bore, null)->probabilityGrips->share;
            self::assertLessThanOrEqual($last + 1e-9, $grips);
            $last = $grips;
        }
    }

    public function test_a_bore_of_another_bearing_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        self::fit(42.0, null);
    }
}
