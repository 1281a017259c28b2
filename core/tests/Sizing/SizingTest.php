<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Fit\SlidingFitInput;
use CleanRace\Core\Mechanics\Pressing\ClearanceClass;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeft;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeftInput;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Mechanics\Warmth\Heat;
use CleanRace\Core\Mechanics\Warmth\HeatInput;
use CleanRace\Core\Mechanics\Warmth\HubFinish;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\BearingNumber;
use CleanRace\Core\Sizing\Bearing\BearingNumberInput;
use CleanRace\Core\Sizing\Bearing\CaliperCandidate;
use CleanRace\Core\Sizing\Bearing\MeasuredOn;
use CleanRace\Core\Sizing\Bearing\RingState;
use CleanRace\Core\Sizing\Finder\LengthReading;
use CleanRace\Core\Sizing\Finder\LengthReadingInput;
use CleanRace\Core\Sizing\Wear\BoreDepth;
use CleanRace\Core\Sizing\Wear\BoreReading;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sizing\Wear\BoreSurveyInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SizingTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_a_length_shows_both_ways_and_a_fraction_only_when_it_is_one(): void
    {
        $result = (new LengthReading)->work(new LengthReadingInput('1 1/16 in'));
        self::assertEqualsWithDelta(26.9875, $result->length->mm, 1e-9);
        self::assertSame('1 1/16 in', $result->fraction);
        self::assertSame('1.0625 in', $result->inches);
        self::assertNull((new LengthReading)->work(new LengthReadingInput('26.99'))->fraction);
        self::assertSame('1 in', (new LengthReading)->work(new LengthReadingInput('25.4'))->fraction);
    }

    /** @return iterable<string, array{string, Level}> */
    public static function stamped(): iterable
    {
        yield 'whole' => ['6204 2RS', Level::Go];
        yield 'open' => ['6204', Level::Go];
        yield 'unclear seals' => ['6204 RS', Level::Care];
        yield 'guessed' => ['62O4', Level::Care];
        yield 'size not in the table' => ['6220', Level::Care];
    }

    #[DataProvider('stamped')]
    public function test_a_number_is_judged_by_how_much_it_settles(string $typed, Level $level): void
    {
        $result = (new BearingNumber(Limits::standard()))->work(new BearingNumberInput($typed));
        self::assertSame($level, $result->verdict->level);
        self::assertNotEmpty($result->verdict->working->lines);
    }

    public function test_what_lies_further_apart_is_told_by_caliper_and_what_lies_nearer_by_micrometer(): void
    {
        $split = static function (float $bore, float $outside): string {
            $read = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);

            return (string) (new BearingFromCaliper(Limits::standard()))->work(new BearingFromCaliperInput($read($bore), $read($outside), null, RingState::Worn))->verdict->settledBy?->inEnglish();
        };
        self::assertStringStartsWith('Measure the width with a caliper: ', $split(5, 11), '3 mm and 4 mm wide');
        self::assertStringStartsWith('Measure the bore with a micrometer: ', $split(8, 22), '8 mm and 5/16 in');
        self::assertGreaterThan((8 - 7.9375) / 2, Limits::standard()->get('caliper.tells'));
        self::assertLessThan(1.0, Limits::standard()->get('caliper.tells'));
    }

    public function test_each_kind_is_said_with_its_article(): void
    {
        $said = static fn (string $typed): string => (new BearingNumber(Limits::standard()))->work(new BearingNumberInput($typed))->verdict->sentence->inEnglish();
        self::assertStringStartsWith('A deep-groove ball bearing, 20 × 47 × 14 mm', $said('6204'));
        self::assertStringStartsWith('An angular-contact ball bearing', $said('7204'));
        foreach (BearingKind::cases() as $kind) {
            self::assertSame($kind->label(), preg_replace('/^An? /', '', $kind->one()));
            self::assertSame(preg_match('/^[aei]/', $kind->label()) === 1, str_starts_with($kind->one(), 'An '), $kind->one());
        }
    }

    public function test_says_what_to_ask_for_at_the_counter(): void
    {
        $ask = static fn (string $typed): string => (new BearingNumber(Limits::standard()))->work(new BearingNumberInput($typed))->askFor;
        self::assertSame('6204, contact seal on both sides, 20 × 47 × 14 mm', $ask('6204 DDU'));
        self::assertSame('6204, contact seal on both sides, clearance C3, 20 × 47 × 14 mm', $ask('6204-2RSC3'));
        self::assertSame('6204, say whether one seal or two, 20 × 47 × 14 mm', $ask('6204RS'));
        self::assertStringContainsString('shield on both sides', $ask('608ZZ'));
        self::assertStringContainsString('11.113', $ask('R12 2RS'), 'sealed, it is wider than open');
    }

    public function test_every_size_measured_exactly_is_found(): void
    {
        foreach ((new BearingTable)->all() as $size) {
            $result = self::find($size->bore->mm - 0.004, $size->outside->mm - 0.005, $size->sealedWidth->mm - 0.05, RingState::Clean);
            self::assertContains($size->number, array_merge(...array_map(static fn (CaliperCandidate $c): array => [$c->number, ...$c->others], $result->candidates)), $size->number);
            self::assertLessThan(0.5, $result->candidates[0]->chiSquare, $size->number);
        }
    }

    public function test_a_worn_bearing_is_found_and_is_go_when_alone(): void
    {
        $result = self::find(20.02, 46.97, 13.95, RingState::Worn);
        self::assertSame('6204', $result->number);
        self::assertSame(Level::Go, $result->verdict->level);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn ($c): float => $c->probability->share, $result->candidates)), 0.01);
    }

    public function test_bore_alone_leaves_several_and_names_the_measurement_that_splits_them(): void
    {
        $result = self::find(20.0, null, null, RingState::Worn);
        self::assertNull($result->number);
        self::assertSame(Level::Care, $result->verdict->level);
        self::assertGreaterThan(2, count($result->candidates));
        self::assertStringContainsString('outside', $result->verdict->settledBy?->inEnglish() ?? '');
    }

    public function test_inch_and_metric_neighbours_are_shown_side_by_side(): void
    {
        $result = self::find(15.9, 34.95, 11.0, RingState::Rusty);
        $numbers = array_column($result->candidates, 'number');
        self::assertContains('1623', $numbers);
        $near = self::find(15.45, 34.96, null, RingState::Rusty, Instrument::SteelRule);
        self::assertSame(Level::Care, $near->verdict->level);
        self::assertCount(2, array_unique(array_map(static fn ($c): string => $c->system, $near->candidates)));
    }

    public function test_a_bearing_that_is_gone_is_found_from_shaft_and_housing(): void
    {
        $found = (new BearingFromCaliper(Limits::standard()))->work(new BearingFromCaliperInput(self::caliper(19.97), self::caliper(46.97), self::caliper(14.6), RingState::Worn, MeasuredOn::Seats));
        self::assertSame('6204', $found->candidates[0]->number);
        $without = (new BearingFromCaliper(Limits::standard()))->work(new BearingFromCaliperInput(self::caliper(19.97), self::caliper(46.97), null, RingState::Worn, MeasuredOn::Seats));
        self::assertContains('6204', array_column($without->candidates, 'number'));
        self::assertSame(Level::Care, $without->verdict->level);
    }

    public function test_one_look_through_the_whole_table_takes_under_five_milliseconds(): void
    {
        $finder = new BearingFromCaliper(Limits::standard());
        $input = new BearingFromCaliperInput(self::caliper(20.02), self::caliper(46.97), null, RingState::Worn);
        $finder->work($input);
        $times = [];
        for ($i = 0; $i < 15; $i++) {
            $from = hrtime(true);
            $finder->work($input);
            $times[] = (hrtime(true) - $from) / 1e6;
        }
        sort($times);
        self::assertLessThan(5.0, $times[7], 'the median of fifteen, in milliseconds');
    }

    public function test_hands_tell_of_a_sliding_axle_too(): void
    {
        $slide = static fn (?float $shaft, FitFeel $feel) => (new SlidingFit(Limits::standard()))->work(new SlidingFitInput(Length::mm(20), $shaft === null ? null : self::caliper($shaft), $feel))->verdict->level;
        self::assertSame(Level::Go, $slide(null, FitFeel::ThumbPush));
        self::assertSame(Level::Go, $slide(19.99, FitFeel::ThumbPush), 'what a caliper alone cannot tell');
        self::assertSame(Level::Care, $slide(null, FitFeel::FirmDriving));
        $this->expectException(Nonsense::class);
        new SlidingFitInput(Length::mm(20));
    }

    public function test_nothing_fits_shows_the_nearest_three(): void
    {
        $result = self::find(21.3, 48.7, 15.3, RingState::Clean);
        self::assertNull($result->number);
        self::assertCount(3, $result->candidates);
        self::assertSame(Level::Care, $result->verdict->level);
    }

    /** @return iterable<string, array{?float, ?float}> */
    public static function impossible(): iterable
    {
        yield 'nothing' => [null, null];
        yield 'bore larger than outside' => [47, 20];
        yield 'bore as large as outside' => [20, 20];
    }

    #[DataProvider('impossible')]
    public function test_refuses_what_is_no_bearing(?float $bore, ?float $outside): void
    {
        $this->expectException(Nonsense::class);
        new BearingFromCaliperInput($bore === null ? null : self::caliper($bore), $outside === null ? null : self::caliper($outside));
    }

    private static function find(?float $bore, ?float $outside, ?float $width, RingState $state, Instrument $by = Instrument::DigitalCaliper): \CleanRace\Core\Sizing\Bearing\BearingFromCaliperResult
    {
        $read = static fn (?float $mm): ?Reading => $mm === null ? null : Reading::mm($mm, $by);

        return (new BearingFromCaliper(Limits::standard()))->work(new BearingFromCaliperInput($read($bore), $read($outside), $read($width), $state));
    }

    /** @param  list<array{BoreDepth, string, float}>  $readings */
    private static function survey(array $readings, Instrument $by = Instrument::DigitalCaliper): \CleanRace\Core\Sizing\Wear\BoreSurveyResult
    {
        return (new BoreSurvey(Limits::standard()))->work(new BoreSurveyInput(array_map(
            static fn (array $r): BoreReading => new BoreReading($r[0], Clock::read($r[1]), Reading::mm($r[2], $by)), $readings,
        )));
    }

    public function test_ovality_is_exact_for_an_ellipse_whichever_way_it_lies(): void
    {
        foreach (range(0, 170, 10) as $turn) {
            $diameter = static fn (int $clock): float => 47.0 + 0.04 * cos(2 * deg2rad($clock * 30 - $turn));
            $result = self::survey([[BoreDepth::Lip, '12', $diameter(0)], [BoreDepth::Lip, '2', $diameter(2)], [BoreDepth::Lip, '4', $diameter(4)]], Instrument::BoreGauge);
            self::assertEqualsWithDelta(0.08, $result->ovality?->mm, 1e-6, "turned $turn");
            self::assertSame('oval', $result->pattern);
            self::assertSame(Level::Stop, $result->verdict->level);
        }
    }

    public function test_a_round_straight_bore_read_with_a_caliper_is_go(): void
    {
        $result = self::survey([[BoreDepth::Lip, '12', 46.98], [BoreDepth::Lip, '2', 46.98], [BoreDepth::Lip, '4', 46.99], [BoreDepth::Bottom, '12', 46.98], [BoreDepth::Bottom, '2', 46.97], [BoreDepth::Bottom, '4', 46.98]]);
        self::assertSame(Level::Go, $result->verdict->level);
        self::assertNull($result->pattern);
        self::assertEqualsWithDelta(46.98, $result->mean->value->mm, 1e-9);
        self::assertEqualsWithDelta(0.03, $result->mean->halfWidth->mm, 1e-9);
    }

    public function test_patterns_of_wear_have_their_names(): void
    {
        $depths = static fn (float $lip, float $bottom): array => [[BoreDepth::Lip, '12', $lip], [BoreDepth::Lip, '2', $lip], [BoreDepth::Bottom, '12', $bottom], [BoreDepth::Bottom, '2', $bottom]];
        self::assertSame('worn_inside', self::survey($depths(46.98, 47.05))->pattern);
        self::assertSame('mouth_opened', self::survey($depths(47.06, 46.98))->pattern);
        self::assertNull(self::survey($depths(46.98, 46.98))->pattern);
    }

    public function test_a_bore_at_the_limit_is_care_and_names_what_settles_it(): void
    {
        $result = self::survey([[BoreDepth::Lip, '12', 47.0], [BoreDepth::Bottom, '12', 46.972]]);
        self::assertSame(Level::Care, $result->verdict->level);
        self::assertNotNull($result->verdict->settledBy);
    }

    public function test_a_survey_refuses_the_same_place_twice_and_another_bore(): void
    {
        foreach ([[[BoreDepth::Lip, '12', 47.0], [BoreDepth::Lip, '12', 47.0]], [[BoreDepth::Lip, '12', 47.0], [BoreDepth::Lip, '2', 30.0]], []] as $readings) {
            try {
                self::survey($readings);
                self::fail('was taken');
            } catch (Nonsense $nonsense) {
                self::assertSame('readings', $nonsense->field);
            }
        }
    }

    private static function fit(?float $bore, ?FitFeel $feel, Instrument $by = Instrument::DigitalCaliper, bool $compound = false, Material $material = Material::Aluminium): \CleanRace\Core\Mechanics\Fit\FitResult
    {
        return (new Fit(Limits::standard()))->work(new FitInput(Length::mm(47), $bore === null ? null : Reading::mm($bore, $by), null, $feel, material: $material, compound: $compound));
    }

    public function test_the_interference_is_what_was_read_however_far_it_lies(): void
    {
        foreach ([[46.70, 0.3], [46.98, 0.02], [47.60, -0.6], [45.5, 1.5]] as [$bore, $delta]) {
            $fit = self::fit($bore, null, Instrument::BoreGauge);
            self::assertEqualsWithDelta($delta - 0.0055, $fit->interference->mm, 0.002, "$bore, the ring at the middle of its tolerance");
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
        yield 'three tenths too tight' => [46.70, null, $caliper, Level::Stop];
        yield 'three tenths too tight, whatever the hands say' => [46.70, FitFeel::WillNotStart, $caliper, Level::Stop];
        yield 'a tenth too tight by gauge' => [46.90, null, $gauge, Level::Stop];
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
    public function test_a_fit_is_decided_on_readings_and_hands_together(?float $bore, ?FitFeel $feel, Instrument $by, Level $level): void
    {
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
        self::assertSame('fit.worn', self::fit(47.20, FitFeel::Rattles, compound: true)->verdict->headline->key);
    }

    public function test_aluminium_lets_go_when_warm_and_steel_does_not(): void
    {
        $aluminium = self::fit(46.98, null, Instrument::BoreGauge);
        self::assertEqualsWithDelta($aluminium->interference->mm - 47 * 11.3e-6 * 40, $aluminium->interferenceWarm->mm, 1e-6);
        self::assertGreaterThan($aluminium->interference->mm, $aluminium->interferenceCold->mm);
        self::assertEqualsWithDelta(0.0, self::fit(46.98, null, Instrument::BoreGauge, material: Material::Steel)->interferenceWarm->mm - self::fit(46.98, null, Instrument::BoreGauge, material: Material::Steel)->interference->mm, 1e-6);
        self::assertSame('fit.warm', self::fit(46.981, null, Instrument::BoreGauge, material: Material::Magnesium)->verdict->headline->key);
    }

    public function test_a_tighter_bore_is_never_less_sure_to_grip(): void
    {
        $last = 2.0;
        for ($bore = 46.90; $bore < 47.10; $bore += 0.01) {
            $grips = self::fit($bore, null)->probabilityGrips->share;
            self::assertLessThanOrEqual($last + 1e-9, $grips);
            $last = $grips;
        }
    }

    public function test_a_bore_of_another_bearing_is_refused(): void
    {
        $this->expectException(Nonsense::class);
        self::fit(42.0, null);
    }

    /** @return iterable<string, array{float, Instrument, Level}> */
    public static function axles(): iterable
    {
        yield 'slides' => [19.97, Instrument::Micrometer, Level::Go];
        yield 'as large as the bore' => [20.01, Instrument::Micrometer, Level::Care];
        yield 'worn' => [19.90, Instrument::Micrometer, Level::Care];
        yield 'worn out' => [19.80, Instrument::Micrometer, Level::Stop];
        yield 'a caliper cannot tell' => [19.99, Instrument::DigitalCaliper, Level::Care];
    }

    #[DataProvider('axles')]
    public function test_an_axle_that_must_slide(float $shaft, Instrument $by, Level $level): void
    {
        self::assertSame($level, (new SlidingFit(Limits::standard()))->work(new SlidingFitInput(Length::mm(20), Reading::mm($shaft, $by)))->verdict->level);
    }

    /** @return iterable<string, array{HeatInput, float, float}> rise, hub to */
    public static function heats(): iterable
    {
        yield 'worked, aluminium' => [new HeatInput(Length::mm(47), Length::mm(0.025), Material::Aluminium, Temperature::celsius(18)), 41.6, 59.6];
        yield 'worked, steel' => [new HeatInput(Length::mm(52), Length::mm(0.015), Material::Steel, Temperature::celsius(20)), 57.5, 77.5];
        yield 'small bearing, smaller allowance' => [new HeatInput(Length::mm(22), Length::mm(0.01), Material::Aluminium, Temperature::celsius(20)), 39.5, 59.5];
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
        $with = (new Heat(Limits::standard()))->work(new HeatInput(Length::mm(47), Length::mm(0.025), Material::Aluminium, Temperature::celsius(18), HubFinish::Bare, true));
        self::assertEqualsWithDelta(0.020, $with->freezerShrink->mm, 0.0005);
        self::assertGreaterThan(0, $with->rise->kelvin);
        self::assertLessThan(41.6, $with->rise->kelvin);
    }

    public function test_heat_stops_at_what_is_near_and_presses_the_rest(): void
    {
        $result = (new Heat(Limits::standard()))->work(new HeatInput(Length::mm(47), Length::mm(0.05), Material::Aluminium, Temperature::celsius(18), HubFinish::Rubber));
        self::assertSame(Level::Care, $result->verdict->level);
        self::assertEqualsWithDelta(60.0, $result->target->celsius, 1e-9);
        $none = (new Heat(Limits::standard()))->work(new HeatInput(Length::mm(47), Length::mm(-0.05)));
        self::assertSame('heat.none', $none->verdict->headline->key);
    }

    /** @param  array<string, mixed>  $changed */
    private static function force(array $changed = []): \CleanRace\Core\Mechanics\Pressing\PressForceResult
    {
        $input = $changed + ['bore' => Length::mm(20), 'outside' => Length::mm(47), 'width' => Length::mm(14), 'hubOutside' => Length::mm(66), 'interference' => Length::mm(0.025), 'contactLength' => Length::mm(14), 'pressCapacity' => Force::newtons(12 * 9806.65)];

        return (new PressForce(Limits::standard()))->work(new PressForceInput(...$input));
    }

    public function test_force_as_worked_by_hand(): void
    {
        $result = self::force();
        self::assertEqualsWithDelta(5.42, $result->pressure->megapascals, 0.005);
        self::assertEqualsWithDelta(1345, $result->force->newtons, 1);
        self::assertEqualsWithDelta(0.0114, $result->shareOfPress?->share, 0.0001);
        self::assertEqualsWithDelta(2.42, $result->drawBoltTorque->newtonMetres, 0.01);
        self::assertEqualsWithDelta(2689, $result->stop->newtons, 1);
        self::assertSame(Level::Go, $result->verdict->level);
    }

    public function test_force_follows_interference_wall_and_oil(): void
    {
        $plain = self::force()->force->newtons;
        self::assertGreaterThan($plain, self::force(['interference' => Length::mm(0.035)])->force->newtons);
        self::assertLessThan($plain, self::force(['hubOutside' => Length::mm(52)])->force->newtons);
        self::assertEqualsWithDelta($plain * 0.16 / 0.12, self::force(['oiled' => false])->force->newtons, 0.5);
        self::assertSame(0.0, self::force(['interference' => Length::mm(0.004)])->force->newtons, 'surfaces flatten first');
        self::assertSame(2000.0, self::force(['interference' => Length::mm(0.006)])->stop->newtons, 'a floor under the alarm');
        $wide = self::force(['interferencePlusMinus' => Length::mm(0.01)]);
        self::assertLessThan($plain, $wide->forceLow->newtons);
        self::assertGreaterThan($plain, $wide->forceHigh->newtons);
        self::assertSame(2 * $wide->forceHigh->newtons, $wide->stop->newtons);
    }

    public function test_without_a_stated_contact_the_corners_are_taken_off(): void
    {
        self::assertLessThan(self::force()->force->newtons, self::force(['contactLength' => null])->force->newtons);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function hardCases(): iterable
    {
        yield 'splits' => [['interference' => Length::mm(0.15), 'hubOutside' => Length::mm(60)], 'force.split'];
        yield 'thin wall' => [['hubOutside' => Length::mm(48.5)], 'force.thin'];
        yield 'too much for the rod' => [['interference' => Length::mm(0.12), 'material' => Material::Steel, 'oiled' => false, 'drawBolt' => DrawBolt::M8], 'force.rod'];
        yield 'a press, not a hammer' => [['interference' => Length::mm(0.06)], 'force.press'];
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('hardCases')]
    public function test_force_warns_of_what_goes_wrong(array $changed, string $key): void
    {
        self::assertSame($key, self::force($changed)->verdict->headline->key);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function impossibleHubs(): iterable
    {
        yield 'hub smaller than the bearing' => [['hubOutside' => Length::mm(47)], 'hub_outside_mm'];
        yield 'bore larger than outside' => [['bore' => Length::mm(50)], 'bore_mm'];
        yield 'more contact than width' => [['contactLength' => Length::mm(15)], 'contact_length_mm'];
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('impossibleHubs')]
    public function test_force_refuses_what_cannot_be_and_names_the_field(array $changed, string $field): void
    {
        try {
            self::force($changed);
            self::fail('was taken');
        } catch (Nonsense $nonsense) {
            self::assertSame($field, $nonsense->field);
        }
    }

    public function test_clearance_left_as_worked_by_hand(): void
    {
        $left = static fn (float $p, ClearanceClass $class = ClearanceClass::CN) => (new ClearanceLeft)->work(new ClearanceLeftInput(Length::mm(20), Length::mm(47), Pressure::megapascals($p), $class));
        self::assertEqualsWithDelta(0.0079, $left(5.42)->taken->mm, 0.00005);
        self::assertSame(Level::Care, $left(5.42)->verdict->level);
        self::assertSame(Level::Go, $left(5.42, ClearanceClass::C3)->verdict->level);
        self::assertSame(Level::Go, $left(0)->verdict->level);
        self::assertSame(Level::Stop, $left(12)->verdict->level);
    }

    public function test_clearance_says_when_the_standard_does_not_reach(): void
    {
        $this->expectException(Nonsense::class);
        (new ClearanceLeft)->work(new ClearanceLeftInput(Length::mm(200), Length::mm(300), Pressure::megapascals(1)));
    }

    public function test_corner_of_a_bearing_comes_from_the_table_where_it_knows(): void
    {
        self::assertSame(1.0, (new BearingTable)->find('6204')?->corner()->mm);
        self::assertSame(Bearing::usualCorner(Length::mm(12.7), Length::mm(28.575))->mm, (new BearingTable)->find('R8')?->corner()->mm);
    }
}
