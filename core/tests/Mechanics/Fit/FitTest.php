<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Fit\Felt;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Fit\FitResult;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Mechanics\Fit\RingTolerance;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Does a bore hold its ring. */
final class FitTest extends TestCase
{
    /** @param  list<WallLook>  $looks */
    private static function fit(
        ?float $bore,
        ?FitFeel $feel,
        Instrument $by = Instrument::DigitalCaliper,
        bool $compound = false,
        Material $material = Material::Aluminium,
        SeatMeant $meant = SeatMeant::PressedFast,
        array $looks = [],
        ?float $partC = null,
    ): FitResult {
        return (new Fit(Limits::standard()))->work(
            new FitInput(
                Length::mm(47),
                $bore === null ? null : Reading::mm($bore, $by),
                feel: $feel,
                material: $material,
                compound: $compound,
                meant: $meant,
                ringBore: Length::mm(20),
                width: Length::mm(14),
                hubOutside: Length::mm(66),
                looks: $looks,
                part: $partC === null ? null : Temperature::celsius($partC),
            ),
        );
    }

    public function test_the_interference_shown_is_what_was_read_however_far_it_lies(): void
    {
        foreach ([[46.7, 0.3], [46.98, 0.02], [47.6, -0.6], [45.5, 1.5]] as [$bore, $delta]) {
            $fit = self::fit($bore, null, Instrument::BoreGauge);
            self::assertEqualsWithDelta($delta, $fit->interference->mm, 1e-9);
            self::assertEqualsWithDelta($delta - 0.0055, $fit->decided->mm, 0.002, "$bore, the ring at the middle of its tolerance");
        }
    }

    public function test_inside_jaws_read_a_bore_small_and_a_warm_hub_reads_large(): void
    {
        $gauge = self::fit(46.98, null, Instrument::BoreGauge)->decided->mm;
        // What makers never give weighs a little on a caliper's wide doubt.
        self::assertEqualsWithDelta($gauge - 0.008, self::fit(46.98, null)->decided->mm, 0.0025);
        self::assertEqualsWithDelta($gauge, self::fit(46.98, null, Instrument::CaliperCompared)->decided->mm, 0.0015);
        self::assertEqualsWithDelta(
            $gauge + 46.98 * 23e-6 * 40,
            self::fit(46.98, null, Instrument::BoreGauge, partC: 60)->decided->mm,
            5e-4,
        );
        $small = (new Fit(Limits::standard()))->work(new FitInput(Length::mm(22), Reading::mm(21.99, Instrument::DigitalCaliper)));
        self::assertEqualsWithDelta(0.01 - 0.0045 - 0.015, $small->decided->mm, 0.001);
        self::assertEqualsWithDelta(0.01, $small->interference->mm, 1e-9, 'shown is what was read');
    }

    /** @return iterable<string, array{?float, ?FitFeel, Instrument, Level}> */
    public static function fits(): iterable
    {
        $caliper = Instrument::DigitalCaliper;
        $gauge = Instrument::BoreGauge;
        yield 'caliper and firm driving' => [46.98, FitFeel::FirmDriving, $caliper, Level::Go];
        yield 'firm driving alone' => [null, FitFeel::FirmDriving, $caliper, Level::Go];
        yield 'light taps alone, the commonest right answer' => [null, FitFeel::LightTaps, $caliper, Level::Go];
        yield 'light taps and a caliper that reads none' => [47.0, FitFeel::LightTaps, $caliper, Level::Go];
        yield 'light taps and a gauge that says loose' => [47.01, FitFeel::LightTaps, $gauge, Level::Care];
        yield 'will not start alone: stop hitting, measure' => [null, FitFeel::WillNotStart, $caliper, Level::Care];
        yield 'will not start, and gauges read an ordinary fit: a burr' => [46.975, FitFeel::WillNotStart, $gauge, Level::Go];
        yield 'will not start, and gauges leave a loose one open' => [46.99, FitFeel::WillNotStart, $gauge, Level::Care];
        yield 'will not start, and gauges leave a tighter one open' => [46.945, FitFeel::WillNotStart, $gauge, Level::Care];
        yield 'three tenths too tight' => [46.7, null, $caliper, Level::Stop];
        yield 'three tenths too tight, whatever the hands say' => [46.7, FitFeel::WillNotStart, $caliper, Level::Stop];
        yield 'a tenth and a half too tight by gauge' => [46.85, null, $gauge, Level::Stop];
        yield 'a tenth by gauge: past 0.0015 of its size, surely' => [46.91, null, $gauge, Level::Stop];
        yield 'as tight as makers fit it' => [46.965, FitFeel::FirmDriving, $gauge, Level::Go];
        yield 'as tight as the tightest class gives' => [46.96, FitFeel::FirmDriving, $gauge, Level::Go];
        yield 'tighter than that by gauge' => [46.935, null, $gauge, Level::Care];
        yield 'bore gauge alone' => [46.975, null, $gauge, Level::Go];
        yield 'a caliper alone never makes it go' => [46.95, null, $caliper, Level::Care];
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

    /** @return iterable<string, array{SeatMeant, FitFeel, Level}> */
    public static function meant(): iterable
    {
        $all = [FitFeel::Rattles, FitFeel::DropsIn, FitFeel::ThumbPush, FitFeel::LightTaps, FitFeel::FirmDriving];
        $rows = [
            [SeatMeant::PressedFast, [Level::Stop, Level::Stop, Level::Care, Level::Go, Level::Go]],
            [SeatMeant::PressedSlow, [Level::Stop, Level::Stop, Level::Care, Level::Go, Level::Go]],
            [SeatMeant::StandsStill, [Level::Stop, Level::Care, Level::Go, Level::Go, Level::Go]],
            [SeatMeant::Clamped, [Level::Care, Level::Go, Level::Go, Level::Go, Level::Care]],
            [SeatMeant::Slides, [Level::Care, Level::Go, Level::Go, Level::Care, Level::Care]],
        ];
        foreach ($rows as [$meant, $levels]) {
            foreach ($all as $i => $feel) {
                yield "$meant->value, $feel->value" => [$meant, $feel, $levels[$i]];
            }
        }
    }

    #[DataProvider('meant')]
    public function test_a_feel_is_judged_by_what_the_seat_is_meant_to_do(SeatMeant $meant, FitFeel $feel, Level $level): void
    {
        $result = self::fit(null, $feel, meant: $meant);
        self::assertSame($level, $result->verdict->level, $result->verdict->headline->inEnglish());
    }

    public function test_limits_by_gauge_are_those_of_the_row(): void
    {
        // Read by bore gauge: decided is 47 - 0.0055 less the bore, give or take 0.0086.
        $at = static fn (SeatMeant $meant, float $delta): Level => self::fit(
            46.9945 - $delta,
            null,
            Instrument::BoreGauge,
            meant: $meant,
        )->verdict->level;
        self::assertSame([Level::Care, Level::Go], [$at(SeatMeant::PressedFast, 0.005), $at(SeatMeant::PressedFast, 0.011)]);
        self::assertSame([Level::Care, Level::Go], [$at(SeatMeant::PressedSlow, 0.0), $at(SeatMeant::PressedSlow, 0.006)]);
        self::assertSame([Level::Stop, Level::Care], [$at(SeatMeant::PressedSlow, -0.019), $at(SeatMeant::PressedSlow, -0.015)]);
        self::assertSame([Level::Care, Level::Go], [$at(SeatMeant::StandsStill, -0.025), $at(SeatMeant::StandsStill, -0.019)]);
        self::assertSame([Level::Stop, Level::Care], [$at(SeatMeant::StandsStill, -0.06), $at(SeatMeant::StandsStill, -0.053)]);
    }

    public function test_a_second_sign_makes_a_shaft_that_wants_driving_a_stop(): void
    {
        $driven = static fn (?float $bore): Level => self::fit(
            $bore,
            FitFeel::FirmDriving,
            Instrument::BoreGauge,
            meant: SeatMeant::Slides,
        )->verdict->level;
        self::assertSame([Level::Care, Level::Stop, Level::Care], [$driven(null), $driven(46.97), $driven(46.995)]);
    }

    public function test_a_felt_force_is_turned_into_interference_for_this_ring_and_wall(): void
    {
        $band = static fn (FitFeel $feel, Joint $joint): array => array_map(
            static fn (float $mm): float => round($mm, 3),
            (new Felt(Limits::standard(), $feel, $joint))->band(),
        );
        $joint = static fn (int $bore, int $outside, int $width, Material $of): Joint => new Joint(
            RingSeat::Bore,
            Length::mm($bore),
            Length::mm($outside),
            Length::mm($width),
            Length::mm(66),
            material: $of,
        );
        $aluminium = $joint(20, 47, 14, Material::Aluminium);
        self::assertSame([0.006, 0.017], $band(FitFeel::LightTaps, $aluminium));
        self::assertSame([0.014, 0.066], $band(FitFeel::FirmDriving, $aluminium));
        self::assertLessThan(0.013, $band(FitFeel::LightTaps, $joint(20, 47, 14, Material::Steel))[1], 'steel gives less');
        self::assertSame(
            [250.0, 1750.0],
            (new Felt(Limits::standard(), FitFeel::FirmDriving, $joint(8, 22, 7, Material::Steel)))->forces(),
        );
        // Between two answers each is as likely: a hand that feels 60 N says thumb or taps.
        $edge = $band(FitFeel::LightTaps, $aluminium)[0];
        $taps = new Felt(Limits::standard(), FitFeel::LightTaps, $aluminium);
        self::assertEqualsWithDelta(0.5, $taps->likelihood(0.005 + 60 / 57650), 0.01);
        self::assertSame(0.0, $taps->likelihood($edge - 0.0015), 'no force, no taps');
    }

    public function test_what_the_wall_looks_like_goes_into_care_and_is_named(): void
    {
        $keys = array_map(
            static fn (WallLook $look): string => self::fit(null, FitFeel::LightTaps, looks: [$look])->verdict->headline->key,
            [WallLook::BrightBand, WallLook::Pits, WallLook::ScoreCaught, WallLook::EvenGrey, WallLook::RustAtLip],
        );
        self::assertSame(['fit.band', 'fit.pits', 'fit.score', 'fit.holds', 'fit.holds'], $keys);
        self::assertSame(Level::Care, self::fit(null, FitFeel::LightTaps, looks: [WallLook::Pits])->verdict->level);
    }

    public function test_readings_and_hands_that_disagree_are_named(): void
    {
        self::assertSame('fit.clash', self::fit(47.15, FitFeel::FirmDriving, Instrument::BoreGauge)->verdict->headline->key);
    }

    public function test_compound_turns_a_loose_bore_into_care_but_not_a_worn_out_one_nor_one_in_nylon(): void
    {
        self::assertSame(Level::Care, self::fit(47.04, FitFeel::DropsIn, compound: true)->verdict->level);
        self::assertSame('fit.worn', self::fit(47.2, FitFeel::Rattles, compound: true)->verdict->headline->key);
        $nylon = self::fit(47.04, FitFeel::DropsIn, compound: true, material: Material::Nylon);
        self::assertSame(Level::Stop, $nylon->verdict->level);
        self::assertCount(1, $nylon->remedies);
    }

    public function test_nylon_takes_what_would_be_far_too_much_in_metal(): void
    {
        self::assertSame(Level::Go, self::fit(46.86, FitFeel::LightTaps, material: Material::Nylon)->verdict->level);
        self::assertSame(Level::Stop, self::fit(46.86, FitFeel::FirmDriving, Instrument::BoreGauge)->verdict->level);
        self::assertSame(
            'fit.splits.say',
            self::fit(46.2, null, Instrument::BoreGauge, material: Material::Nylon)->verdict->sentence->key,
        );
    }

    public function test_a_hub_that_grows_more_than_its_ring_lets_go_only_where_the_ring_would_drop_in(): void
    {
        $aluminium = self::fit(46.98, null, Instrument::BoreGauge);
        self::assertEqualsWithDelta($aluminium->decided->mm - 47 * 11.3e-6 * 40, $aluminium->interferenceWarm->mm, 1e-6);
        self::assertGreaterThan($aluminium->decided->mm, $aluminium->interferenceCold->mm);
        self::assertSame('fit.holds', $aluminium->verdict->headline->key, 'a sound fit is clean');
        $steel = self::fit(46.98, null, Instrument::BoreGauge, material: Material::Steel);
        self::assertEqualsWithDelta(0.0, $steel->interferenceWarm->mm - $steel->decided->mm, 1e-6);
        // Nylon takes 47 · 23.3e-6 · 40 = 0.044 off it.
        self::assertSame('fit.warm', self::fit(46.98, null, Instrument::BoreGauge, material: Material::Nylon)->verdict->headline->key);
        self::assertSame('fit.holds', self::fit(46.94, null, Instrument::BoreGauge, material: Material::Nylon)->verdict->headline->key);
    }

    public function test_only_a_reading_beyond_its_doubt_says_too_tight(): void
    {
        // P7 of 47 gives at most 0.042; a bore gauge is off by 0.009.
        self::assertTrue(self::fit(46.93, null, Instrument::BoreGauge)->tooTight);
        self::assertFalse(self::fit(46.95, null, Instrument::BoreGauge)->tooTight);
        self::assertFalse(self::fit(46.93, null)->tooTight, 'a caliper does not know');
        self::assertFalse(self::fit(null, FitFeel::WillNotStart)->tooTight);
    }

    public function test_cups_of_inch_tapers_are_larger_than_their_number_says(): void
    {
        $of = static fn (RingTolerance $made): float => (new Fit(Limits::standard()))->work(
            new FitInput(Length::mm(45.237), Reading::mm(45.22, Instrument::BoreGauge), made: $made),
        )->decided->mm;
        self::assertEqualsWithDelta(0.017 - 0.0055, $of(RingTolerance::Normal), 0.0005);
        self::assertEqualsWithDelta(0.017 + 0.0125, $of(RingTolerance::InchTaper), 0.0005);
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

    public function test_which_feel_means_loose_depends_on_what_the_seat_is_for(): void
    {
        $loose = static fn (SeatMeant $meant): array => array_map(
            static fn (FitFeel $f): string => $f->value,
            array_values(array_filter(FitFeel::cases(), static fn (FitFeel $f): bool => $f->meansLoose($meant))),
        );
        self::assertSame(['rattles', 'drops_in'], $loose(SeatMeant::PressedFast));
        self::assertSame(['rattles', 'drops_in'], $loose(SeatMeant::PressedSlow));
        self::assertSame(['rattles'], $loose(SeatMeant::StandsStill));
    }

    public function test_two_observations_next_to_good_that_agree_are_a_sign(): void
    {
        $level = static fn (WallLook ...$looks): Level => self::fit(
            47.0115,
            FitFeel::ThumbPush,
            Instrument::BoreGauge,
            looks: array_values($looks),
        )->verdict->level;
        self::assertSame(Level::Care, $level(), 'it slides under the thumb: one');
        self::assertSame(Level::Stop, $level(WallLook::BrightBand), 'and a ring has turned there: two');
    }
}
