<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Sizing\Bearing\BearingNumber;
use CleanRace\Core\Sizing\Bearing\BearingNumberInput;
use CleanRace\Core\Sizing\Bearing\BearingNumberResult;
use CleanRace\Core\Sizing\Bearing\Substitute;
use CleanRace\Core\Sizing\Finder\Question;
use CleanRace\Core\Sizing\Finder\QuestionInput;
use CleanRace\Core\Sizing\Grease\Grease;
use CleanRace\Core\Sizing\Grease\GreaseInput;
use CleanRace\Core\Sizing\Grease\GreaseResult;
use CleanRace\Core\Sizing\Grease\NippleUse;
use CleanRace\Core\Sizing\Grease\Thickener;
use CleanRace\Core\Sizing\Wear\BoreDepth;
use CleanRace\Core\Sizing\Wear\BoreReading;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sizing\Wear\BoreSurveyInput;
use CleanRace\Core\Sizing\Wear\BoreSurveyResult;
use CleanRace\Core\Sizing\Wear\SurveyedWall;
use CleanRace\Core\Sizing\Wear\WallLook;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whether a bearing suits its hub, what may stand in for it, how it is greased, how its wall has worn, and one line that asks all this. */
final class BearingForHubTest extends TestCase
{
    /** @param  array<string, mixed>  $hub */
    private static function number(string $typed, array $hub = []): BearingNumberResult
    {
        return (new BearingNumber(Limits::standard()))->work(new BearingNumberInput($typed, ...$hub));
    }

    /** @return iterable<string, array{string, array<string, mixed>, ?Level}> */
    public static function hubs(): iterable
    {
        $wheel = ['use' => HubUse::FastWheel, 'nipple' => NippleUse::None];
        yield 'nothing said' => ['6204 2RS', [], null];
        yield 'two seals, a wheel' => ['6204 2RS', $wheel, Level::Go];
        yield 'open, no seals in the hub' => ['6204', $wheel + ['hubSeals' => false], Level::Stop];
        yield 'open, seals in the hub' => ['6204', $wheel + ['hubSeals' => true], Level::Go];
        yield 'shields' => ['6204 ZZ', $wheel, Level::Care];
        yield 'one seal' => ['6204 RS1', $wheel, Level::Care];
        yield 'one seal or two' => ['6204 RS', $wheel, Level::Care];
        yield 'sealed, fed by a nipple' => ['6204 2RS', ['use' => HubUse::Blade, 'nipple' => NippleUse::Used], Level::Care];
        yield 'sealed, a nipple nobody uses' => ['6204 2RS', ['use' => HubUse::Blade, 'nipple' => NippleUse::Unused], Level::Go];
        yield 'one seal, fed by a nipple' => ['6204 RS1', ['use' => HubUse::Blade, 'nipple' => NippleUse::Used], Level::Go];
        yield 'no cage in a wheel' => ['6204 2RSV', $wheel, Level::Stop];
        yield 'no cage in a pivot' => ['6204 2RSV', ['use' => HubUse::Pivot], Level::Go];
        yield 'no touching seal in the wet' => ['6204 2RZ', $wheel + ['wet' => true], Level::Care];
        yield 'a taper without a seal' => ['30204', $wheel + ['hubSeals' => false], Level::Stop];
    }

    /** @param  array<string, mixed>  $hub */
    #[DataProvider('hubs')]
    public function test_a_bearing_is_judged_for_its_hub(string $typed, array $hub, ?Level $level): void
    {
        self::assertSame($level, self::number($typed, $hub)->inThisHub?->level);
    }

    public function test_what_may_stand_in_and_what_may_not(): void
    {
        $all = self::number('6204 2RS')->substitutes;
        $may = array_map(static fn (Substitute $s): string => English::of($s->number), array_filter($all, static fn (Substitute $s): bool => $s->may));
        $not = array_map(static fn (Substitute $s): string => English::of($s->number), array_filter($all, static fn (Substitute $s): bool => ! $s->may));
        self::assertContains('6204 C3', $may);
        self::assertNotEmpty(array_filter($may, static fn (string $n): bool => str_contains($n, 'DDU') || str_contains($n, '2RS1')));
        self::assertContains('62204', $not, 'same bore and outside, wider');
        self::assertContains('6204 full complement', $not);
        self::assertNotContains('6204', [...$may, ...$not]);
        $inch = array_map(static fn (Substitute $s): string => English::of($s->number), self::number('1623')->substitutes);
        self::assertContains('6202', $inch, 'the metric neighbour, 15 by 35');
    }

    public function test_a_number_that_can_be_read_several_ways_says_so(): void
    {
        $result = self::number('6?05');
        self::assertSame(Level::Care, $result->verdict->level);
        self::assertContains('6205', array_map(static fn ($c): string => $c->written, $result->candidates));
        self::assertStringContainsString('6205', (string) $result->verdict->settledBy?->inEnglish());
        self::assertSame('LM11949/LM11910, cone alone, 19.05 × 45.237 × 15.494 mm', self::number('LM11949')->askFor);
        self::assertStringContainsString('with its snap ring', self::number('6204 2RS NR')->askFor);
        self::assertStringContainsString('flanged', self::number('F608ZZ')->askFor);
    }

    /** @param  array<string, mixed>  $changed */
    private static function grease(array $changed = []): GreaseResult
    {
        return (new Grease(Limits::standard()))->work(new GreaseInput(...($changed + ['bore' => Length::mm(25), 'outside' => Length::mm(52), 'width' => Length::mm(15)])));
    }

    public function test_grease_as_worked_by_hand(): void
    {
        self::assertEqualsWithDelta(8.2, self::grease()->free->cubicCentimetres, 0.05);
        self::assertEqualsWithDelta(2.2, self::grease()->grease->grams, 0.05);
        $larger = self::grease(['outside' => Length::mm(62), 'width' => Length::mm(17)]);
        self::assertEqualsWithDelta([14.3, 3.9], [$larger->free->cubicCentimetres, $larger->grease->grams], 0.08);
        self::assertEqualsWithDelta(0.9, self::grease(['use' => HubUse::SlowWheel, 'wet' => true])->fill->share, 1e-9);
        self::assertEqualsWithDelta(0.5, self::grease(['use' => HubUse::Blade])->fill->share, 1e-9);
    }

    public function test_which_seal_comes_out_and_how_many_strokes(): void
    {
        self::assertSame(['sealed', 'none', null], [self::grease()->way, self::grease()->sealOut, self::grease()->strokes]);
        $fed = self::grease(['nipple' => NippleUse::Used, 'cavityOutside' => Length::mm(50), 'cavityInside' => Length::mm(30), 'cavityLength' => Length::mm(40)]);
        self::assertSame(['hybrid', 'inner'], [$fed->way, $fed->sealOut]);
        self::assertEqualsWithDelta(M_PI / 4 * (2500 - 900) * 40 / 1000, $fed->cavity->cubicCentimetres ?? 0.0, 1e-6);
        self::assertSame((int) ceil(50.265 / 1.2), $fed->strokes);
        self::assertSame(Level::Care, self::grease(['seals' => 0])->verdict->level, 'open, and no seals in the hub');
        self::assertSame('greased', self::grease(['seals' => 0, 'hubSeals' => true])->way);
        self::assertNotEmpty(self::grease(['coldest' => Temperature::celsius(-30)])->verdict->why);
        self::assertSame('grease.opened', self::grease(['opensSealed' => true])->verdict->headline->key);
    }

    public function test_greases_mix_both_ways_or_not_at_all(): void
    {
        foreach (Thickener::cases() as $one) {
            foreach (Thickener::cases() as $other) {
                self::assertSame($one->mixesWith($other), $other->mixesWith($one), "$one->value and $other->value");
            }
        }
        self::assertTrue(Thickener::Lithium->mixesWith(Thickener::LithiumComplex));
        self::assertFalse(Thickener::Lithium->mixesWith(Thickener::Polyurea));
        self::assertSame(Level::Stop, self::grease(['old' => Thickener::Clay, 'new' => Thickener::Lithium])->verdict->level);
    }

    /**
     * @param  list<array{BoreDepth, float}>  $means
     * @param  list<WallLook>  $look
     */
    private static function survey(array $means, SurveyedWall $wall, array $look = [], ?float $ring = null, ?FitFeel $feel = null): BoreSurveyResult
    {
        $readings = [];
        foreach ($means as [$depth, $mm]) {
            foreach (['12', '2', '4'] as $clock) {
                $readings[] = new BoreReading($depth, Clock::read($clock), Reading::mm($mm, Instrument::Micrometer));
            }
        }

        return (new BoreSurvey(Limits::standard()))->work(new BoreSurveyInput($readings, $feel, $wall, $look, $ring === null ? null : Length::mm($ring)));
    }

    public function test_wear_has_its_name_by_readings_and_by_looks(): void
    {
        $depths = static fn (float $lip, float $bottom): array => [[BoreDepth::Lip, $lip], [BoreDepth::Bottom, $bottom]];
        self::assertSame('mouth_corroded', self::survey($depths(47.06, 46.98), SurveyedWall::Bore, [WallLook::RustAtLip])->pattern);
        self::assertSame('mouth_opened', self::survey($depths(47.06, 46.98), SurveyedWall::Bore)->pattern);
        self::assertSame('crept', self::survey($depths(47.03, 47.03), SurveyedWall::Bore, ring: 47)->pattern);
        self::assertSame('crept', self::survey([[BoreDepth::Lip, 47.0]], SurveyedWall::Bore, [WallLook::BrightBand], feel: FitFeel::DropsIn)->pattern);
        self::assertSame('worn_inside', self::survey([[BoreDepth::Lip, 46.98]], SurveyedWall::Bore, [WallLook::GripsAtMouth])->pattern);
        self::assertNull(self::survey($depths(46.98, 46.98), SurveyedWall::Bore, ring: 47)->pattern);
    }

    public function test_shafts_are_stepped_and_seal_tracks_grooved(): void
    {
        $three = static fn (float $middle): array => [[BoreDepth::Lip, 20.0], [BoreDepth::Middle, $middle], [BoreDepth::Bottom, 20.0]];
        $stepped = self::survey($three(19.94), SurveyedWall::Shaft);
        self::assertSame(['stepped', Level::Stop], [$stepped->pattern, $stepped->verdict->level]);
        self::assertEqualsWithDelta(0.06, $stepped->step?->mm, 1e-9);
        self::assertSame(Level::Go, self::survey($three(19.99), SurveyedWall::Shaft)->verdict->level);
        self::assertNull(self::survey($three(19.94), SurveyedWall::SealTrack)->pattern, 'a lip may wear a little more');
        self::assertSame('grooved', self::survey($three(19.85), SurveyedWall::SealTrack)->pattern);
        self::assertSame('grooved', self::survey($three(20.0), SurveyedWall::SealTrack, [WallLook::ScoreCaught])->pattern);
    }

    public function test_a_wall_that_looks_bad_is_care_however_it_measures_and_its_map_sums_to_nothing(): void
    {
        $pitted = self::survey([[BoreDepth::Lip, 46.98], [BoreDepth::Bottom, 46.97]], SurveyedWall::Bore, [WallLook::Pits]);
        self::assertSame(Level::Care, $pitted->verdict->level);
        self::assertCount(6, $pitted->map);
        self::assertEqualsWithDelta(0.0, array_sum(array_map(static fn ($p): float => $p->off->mm, $pitted->map)), 1e-9);
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> typed, calculator, input */
    public static function asked(): iterable
    {
        yield 'a number' => ['6204 2RS', 'bearing-number', ['number' => '6204 2RS']];
        yield 'half a number' => ['62?5', 'bearing-number', ['number' => '62?5']];
        yield 'three sizes' => ['15x28x7', 'bearing-from-caliper', ['bore_mm' => '15', 'outside_mm' => '28', 'width_mm' => '7']];
        yield 'with spaces' => ['15 28 7', 'bearing-from-caliper', ['bore_mm' => '15', 'outside_mm' => '28', 'width_mm' => '7']];
        yield 'outside first' => ['28x15x7', 'bearing-from-caliper', ['bore_mm' => '15', 'outside_mm' => '28', 'width_mm' => '7']];
        yield 'inches' => ['5/8 x 1 3/8 x 7/16', 'bearing-from-caliper', ['bore_mm' => '5/8 in', 'outside_mm' => '1 3/8 in', 'width_mm' => '7/16 in']];
        yield 'a seal' => ['35 62 7', 'seal', ['printed' => '35 x 62 x 7']];
        yield 'a ball' => ['1/4', 'balls', ['balls' => [['diameter_mm' => '1/4']]]];
        yield 'a fit' => ['47.02 in 46.98', 'fit', ['outside_mm' => 47.0, 'outside_measured_mm' => '47.02', 'bore_mm' => '46.98']];
        yield 'on a shaft' => ['30 on 30.012', 'shaft-fit', ['bore_mm' => 30.0, 'bore_measured_mm' => '30', 'shaft_mm' => '30.012']];
        yield 'cone and cup' => ['LM11910 LM11949', 'taper-set', ['cone' => 'LM11949', 'cup' => 'LM11910']];
        yield 'one size' => ['47', 'bearing-from-caliper', ['outside_mm' => '47']];
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('asked')]
    public function test_one_line_is_understood(string $typed, string $calculator, array $input): void
    {
        $first = (new Question)->work(new QuestionInput($typed))->readings[0];
        self::assertSame($calculator, $first->calculator);
        self::assertEquals((object) $input, $first->input);
    }

    public function test_a_bare_number_is_in_the_persons_unit(): void
    {
        $first = (new Question)->work(new QuestionInput('.625 x 1.375 x .4375', LengthUnit::Inch))->readings[0];
        self::assertEquals((object) ['bore_mm' => '.625 in', 'outside_mm' => '1.375 in', 'width_mm' => '.4375 in'], $first->input);
    }

    public function test_what_is_not_understood_is_refused_in_a_sentence(): void
    {
        foreach (['', 'hello there', str_repeat('6204 ', 30), '- - -'] as $typed) {
            try {
                (new Question)->work(new QuestionInput($typed));
                self::fail($typed);
            } catch (Nonsense $nonsense) {
                self::assertSame('text', $nonsense->field);
            }
        }
    }
}
