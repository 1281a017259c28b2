<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Drivers\DriverChoice;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceInput;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceResult;
use CleanRace\Core\Mechanics\Drivers\ToolInput;
use CleanRace\Core\Mechanics\Squareness\ClockDepth;
use CleanRace\Core\Mechanics\Squareness\Eye;
use CleanRace\Core\Mechanics\Squareness\Square;
use CleanRace\Core\Mechanics\Squareness\SquareInput;
use CleanRace\Core\Mechanics\Squareness\SquareResult;
use CleanRace\Core\Mechanics\Squareness\SquareStage;
use CleanRace\Core\Seating\Home\Home;
use CleanRace\Core\Seating\Home\HomeInput;
use CleanRace\Core\Seating\Home\HomeResult;
use CleanRace\Core\Seating\Home\HomeSign;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Seating\Home\SecondBearingInput;
use CleanRace\Core\Seating\Home\SecondBearingResult;
use CleanRace\Core\Seating\Home\SleeveLength;
use CleanRace\Core\Seating\Home\SleeveLengthInput;
use CleanRace\Core\Seating\Home\SleeveLengthResult;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SeatingTest extends TestCase
{
    /** @param  array<int|string, float>  $depths by clock */
    private static function square(array $depths, Instrument $by = Instrument::DepthCaliper, SquareStage $stage = SquareStage::Entering, ?Eye $eye = null, ?string $at = null): SquareResult
    {
        $readings = array_map(static fn (int|string $clock, float $mm): ClockDepth => new ClockDepth(Clock::read($clock), Reading::mm($mm, $by)), array_keys($depths), array_values($depths));

        return (new Square(Limits::standard()))->work(new SquareInput(Length::mm(20), Length::mm(47), $readings, $stage, $eye, $at === null ? null : Clock::read($at)));
    }

    public function test_home_is_one_depth_whoever_says_it(): void
    {
        foreach ([null, 13.7, 14.02] as $measured) {
            $result = (new Home(Limits::standard()))->work(new HomeInput(Length::mm(14), Reading::mm(23.2, Instrument::DepthCaliper), Reading::mm(9.2, Instrument::DepthCaliper), $measured === null ? null : Reading::mm($measured, Instrument::Micrometer)));
            $figures = array_column(array_map(static fn ($f): array => [$f->name, $f->value->amount()], $result->verdict->figures), 1, 0);
            $home = 23.2 - ($measured ?? 14.0);
            self::assertEqualsWithDelta([$home, $home, $home - 9.2], [$result->expectedDepth?->mm, $figures['home_at'], $result->toGo?->mm], 1e-9);
        }
    }

    public function test_square_as_worked_by_hand(): void
    {
        $result = self::square([12 => 3.10, 3 => 3.40, 6 => 3.70, 9 => 3.40]);
        self::assertEqualsWithDelta(3.40, $result->meanDepth?->mm, 1e-9);
        self::assertEqualsWithDelta(0.60, $result->tilt?->mm, 1e-9);
        self::assertEqualsWithDelta(0.78, $result->angle?->degrees, 0.005);
        self::assertEqualsWithDelta(0.09, $result->anglePlusMinus?->degrees, 0.005);
        self::assertSame('12', $result->highSide?->text());
        self::assertSame('square.out', $result->verdict->headline->key);
        self::assertSame(Level::Stop, $result->verdict->level);
    }

    /** Any plane is found again from three or from four depths, whichever way it leans. */
    public function test_a_reference_takes_a_rough_face_off_place_by_place(): void
    {
        $read = static fn (array $depths): array => array_map(static fn (int $h, float $mm): ClockDepth => new ClockDepth(Clock::read((string) $h), Reading::mm($mm, Instrument::DepthCaliper)), array_keys($depths), array_values($depths));
        $face = [12 => 20.9, 4 => 20.2, 8 => 20.5];
        $ring = [12 => 5.9, 4 => 5.2, 8 => 5.5];
        $work = static fn (array $reference): SquareResult => (new Square(Limits::standard()))->work(new SquareInput(Length::mm(20), Length::mm(47), $read($ring), reference: $read($reference)));
        self::assertSame('square.out', $work([])->verdict->headline->key);
        self::assertSame('square.on', $work($face)->verdict->headline->key);
        self::assertEqualsWithDelta(0.0, $work($face)->tilt?->mm, 1e-9);
        self::assertEqualsWithDelta(sqrt(2) * (float) $work([])->tiltPlusMinus?->mm, $work($face)->tiltPlusMinus?->mm, 1e-9, 'two readings, twice the doubt in squares');
        foreach ([[12 => 20.9, 4 => 20.2], [1 => 20, 5 => 20, 9 => 20]] as $reference) {
            try {
                $work($reference);
                self::fail('It was taken.');
            } catch (Nonsense $nonsense) {
                self::assertNotSame('', $nonsense->getMessage());
            }
        }
    }

    public function test_the_play_under_a_snap_ring_and_a_ring_too_thick(): void
    {
        $home = static fn (float $groove, float $ring): HomeResult => (new Home(Limits::standard()))->work(new HomeInput(Length::mm(14), signs: [HomeSign::NoteChanged, HomeSign::FeelerRefused], grooveWidth: Length::mm($groove), ringThickness: Length::mm($ring)));
        $play = array_values(array_filter($home(1.85, 1.75)->verdict->figures, static fn ($f): bool => $f->name === 'ring_play'));
        self::assertEqualsWithDelta(0.10, $play[0]->value->amount(), 1e-9);
        $this->expectException(Nonsense::class);
        $home(1.7, 1.75);
    }

    public function test_three_and_four_depths_find_the_same_plane(): void
    {
        foreach (range(0, 23) as $half) {
            $high = $half / 2;
            $depth = static fn (int $hour): float => 5.0 - 0.2 * cos(($hour - $high) * M_PI / 6);
            foreach ([[12, 3, 6, 9], [12, 4, 8], [12, 2, 4, 6, 8, 10]] as $hours) {
                $result = self::square(array_combine($hours, array_map($depth, $hours)), Instrument::DepthMicrometer);
                self::assertEqualsWithDelta(5.0, $result->meanDepth?->mm, 1e-9);
                self::assertEqualsWithDelta(0.4, $result->tilt?->mm, 1e-9);
                self::assertEqualsWithDelta($high, $result->highSide?->hours, 1e-9, count($hours).' depths');
            }
        }
    }

    public function test_the_uncertainty_of_equally_spaced_depths_is_the_simple_formula(): void
    {
        foreach ([3 => [12, 4, 8], 4 => [12, 3, 6, 9], 6 => [12, 2, 4, 6, 8, 10]] as $n => $hours) {
            $depths = array_combine($hours, array_map(static fn (int $h): float => 3.0 - 0.3 * cos($h * M_PI / 6), $hours));
            self::assertEqualsWithDelta(2 * 0.05 * sqrt(2 / $n), self::square($depths)->tiltPlusMinus?->mm, 1e-9);
        }
    }

    /** @return iterable<string, array{float, Instrument, string}> tilt across the ring, instrument, headline */
    public static function tilts(): iterable
    {
        yield 'level' => [0.0, Instrument::DepthCaliper, 'square.on'];
        yield 'a little, micrometer' => [0.10, Instrument::DepthMicrometer, 'square.on'];
        yield 'a little, caliper: too little to name a side' => [0.13, Instrument::DepthCaliper, 'square.doubt'];
        yield 'tap it' => [0.30, Instrument::DepthCaliper, 'square.tap'];
        yield 'tap it, just' => [0.56, Instrument::DepthCaliper, 'square.tap'];
        yield 'out' => [0.59, Instrument::DepthCaliper, 'square.out'];
        yield 'far out' => [2.0, Instrument::DepthCaliper, 'square.out'];
    }

    #[DataProvider('tilts')]
    public function test_what_to_do_follows_from_the_angle(float $tilt, Instrument $by, string $key): void
    {
        $result = self::square([12 => 3 - $tilt / 2, 3 => 3.0, 6 => 3 + $tilt / 2, 9 => 3.0], $by);
        self::assertSame($key, $result->verdict->headline->key);
    }

    public function test_no_side_is_named_within_what_the_readings_can_tell(): void
    {
        self::assertNull(self::square([12 => 3.0, 3 => 3.03, 6 => 3.05, 9 => 3.02])->highSide);
    }

    public function test_at_home_a_caliper_is_enough(): void
    {
        self::assertSame(Level::Go, self::square([12 => 9.18, 3 => 9.22, 6 => 9.24, 9 => 9.20], stage: SquareStage::Home)->verdict->level);
        self::assertSame(Level::Care, self::square([12 => 9.00, 3 => 9.20, 6 => 9.40, 9 => 9.20], stage: SquareStage::Home)->verdict->level);
    }

    public function test_the_eye_alone_is_a_full_path(): void
    {
        self::assertSame(Level::Go, self::square([], eye: Eye::Level)->verdict->level);
        $proud = self::square([], eye: Eye::Proud, at: '4');
        self::assertSame([Level::Care, '4'], [$proud->verdict->level, $proud->highSide?->text()]);
        self::assertSame(Level::Stop, self::square([], eye: Eye::Cocked)->verdict->level);
    }

    public function test_readings_that_lie_in_no_plane_are_to_be_repeated(): void
    {
        self::assertSame('square.repeat_all', self::square([12 => 3.0, 3 => 3.4, 6 => 3.0, 9 => 3.4])->verdict->headline->key);
        $five = self::square([12 => 3.0, 2 => 3.0, 4 => 3.0, 6 => 3.8, 8 => 3.0, 10 => 3.0]);
        self::assertSame('square.repeat_one', $five->verdict->headline->key);
        self::assertStringContainsString('6', $five->verdict->headline->inEnglish());
        self::assertSame('square.on', self::square([12 => 3.0, 4 => 3.02, 8 => 2.98])->verdict->headline->key, 'three always lie in a plane');
    }

    /** @return iterable<string, array{array<int|string, float>, ?Eye}> */
    public static function tooLittle(): iterable
    {
        yield 'two depths' => [[12 => 3.0, 6 => 3.0], null];
        yield 'half the clock' => [[12 => 3.0, 1 => 3.0, 2 => 3.1], null];
        yield 'nothing' => [[], null];
        yield 'two depths and an eye' => [[12 => 3.0, 6 => 3.0], Eye::Level];
    }

    /** @param  array<int|string, float>  $depths */
    #[DataProvider('tooLittle')]
    public function test_depths_that_do_not_span_the_clock_are_refused(array $depths, ?Eye $eye): void
    {
        $this->expectException(Nonsense::class);
        self::square($depths, eye: $eye);
    }

    public function test_one_place_twice_is_refused(): void
    {
        $depth = static fn (string $clock): ClockDepth => new ClockDepth(Clock::read($clock), Reading::mm(3, Instrument::DepthCaliper));
        $this->expectException(Nonsense::class);
        new SquareInput(Length::mm(20), Length::mm(47), [$depth('12'), $depth('0'), $depth('6')]);
    }

    /** @param  list<HomeSign>  $signs */
    private static function home(?float $depth, array $signs = [], ?float $groove = null, float $tilt = 0, ?float $width = null, Instrument $by = Instrument::DepthCaliper): HomeResult
    {
        return (new Home(Limits::standard()))->work(new HomeInput(
            Length::mm(14), $depth === null ? null : Reading::mm(23.20, $by), $depth === null ? null : Reading::mm($depth, $by),
            $width === null ? null : Reading::mm($width, Instrument::Micrometer), Length::mm($tilt), $signs, $groove === null ? null : Length::mm($groove),
        ));
    }

    /** @return iterable<string, array{?float, list<HomeSign>, Level}> */
    public static function homes(): iterable
    {
        $hands = [HomeSign::NoteChanged, HomeSign::FeelerRefused];
        yield 'home by both' => [9.22, $hands, Level::Go];
        yield 'a little high, hands sure' => [9.17, $hands, Level::Go];
        yield 'home by hands alone' => [null, $hands, Level::Go];
        yield 'one sign alone' => [null, [HomeSign::NoteChanged], Level::Care];
        yield 'light under it' => [null, [HomeSign::LightUnder, HomeSign::NoteChanged], Level::Stop];
        yield 'short by half a millimetre' => [8.70, [], Level::Stop];
        yield 'hands say home, arithmetic says not' => [8.90, $hands, Level::Care];
        yield 'at the edge, no hands' => [9.15, [], Level::Care];
        yield 'too deep' => [9.80, [], Level::Care];
    }

    /** @param  list<HomeSign>  $signs */
    #[DataProvider('homes')]
    public function test_home_is_decided_on_depth_and_hands(?float $depth, array $signs, Level $level): void
    {
        $result = self::home($depth, $signs);
        self::assertSame($level, $result->verdict->level, $result->verdict->headline->inEnglish());
    }

    public function test_how_much_is_to_go_and_the_named_disagreement(): void
    {
        self::assertEqualsWithDelta(0.50, self::home(8.70)->toGo?->mm, 1e-9);
        self::assertEqualsWithDelta(9.20, self::home(8.70)->expectedDepth?->mm, 1e-9);
        self::assertSame('home.clash', self::home(8.90, [HomeSign::NoteChanged, HomeSign::HardStop])->verdict->headline->key);
    }

    public function test_the_groove_must_show_on_the_proud_side(): void
    {
        $hands = [HomeSign::NoteChanged, HomeSign::FeelerRefused];
        self::assertSame(Level::Go, self::home(9.22, $hands, 9.10)->verdict->level);
        self::assertEqualsWithDelta(0.12, self::home(9.22, $hands, 9.10)->grooveClear?->mm, 1e-9);
        self::assertSame('home.groove', self::home(9.22, $hands, 9.20)->verdict->headline->key);
        self::assertSame('home.groove', self::home(9.22, $hands, 9.10, tilt: 0.2)->verdict->headline->key);
    }

    public function test_a_measured_width_narrows_the_band(): void
    {
        self::assertSame(Level::Go, self::home(9.29, [], width: 13.91, by: Instrument::DepthMicrometer)->verdict->level);
        self::assertNotSame(Level::Go, self::home(9.29, [], width: 14.00, by: Instrument::DepthMicrometer)->verdict->level);
        self::assertSame(Level::Go, self::home(9.29, [], by: Instrument::DepthMicrometer)->verdict->level, 'the number allows a narrower ring');
    }

    public function test_home_needs_something_to_go_by(): void
    {
        foreach ([static fn () => self::home(null), static fn () => new HomeInput(Length::mm(14), Reading::mm(5, Instrument::DepthCaliper), Reading::mm(1, Instrument::DepthCaliper))] as $try) {
            try {
                $try();
                self::fail('was taken');
            } catch (Nonsense $nonsense) {
                self::assertNotNull($nonsense->field);
            }
        }
    }

    /** @param  list<PairFeel>  $feel */
    private static function second(?float $depth, array $feel = [], DrawBolt $bolt = DrawBolt::M12, bool $seen = true): SecondBearingResult
    {
        $caliper = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);
        $rod = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DepthCaliper);
        $input = $depth === null
            ? new SecondBearingInput(feel: $feel, sleeveSeen: $seen)
            : new SecondBearingInput($caliper(104.00), $rod(9.20), Length::mm(14), $caliper(57.60), Length::mm(14), $rod($depth), $bolt, $feel, $seen);

        return (new SecondBearing(Limits::standard()))->work($input);
    }

    public function test_second_bearing_as_worked_by_hand(): void
    {
        $result = self::second(8.85);
        self::assertEqualsWithDelta(9.20, $result->restDepth?->mm, 1e-9);
        self::assertEqualsWithDelta(0.35, $result->toGo?->mm, 1e-9);
        self::assertEqualsWithDelta(72.0, $result->nutTurn?->degrees, 1e-6);
        self::assertEqualsWithDelta(36.0, $result->advisedTurn?->degrees, 1e-6);
        self::assertEqualsWithDelta(sqrt(2 * 0.03 ** 2 + 2 * 0.05 ** 2), $result->plusMinus?->mm, 1e-9);
        self::assertStringContainsString('Turn the M12 nut 36°, about a tenth of a turn', self::second(8.85)->verdict->sentence->inEnglish());
        self::assertStringContainsString('about a third of a turn', self::second(8.0)->verdict->sentence->inEnglish());
        self::assertStringContainsString('turns', self::second(4.0)->verdict->sentence->inEnglish());
        self::assertSame(Level::Stop, self::second(9.60)->verdict->level);
        self::assertSame('second.past', self::second(9.60)->verdict->headline->key);
    }

    public function test_no_turns_are_shown_when_nothing_is_to_go(): void
    {
        foreach ([9.20, 9.25, 9.60] as $depth) {
            self::assertNull(self::second($depth)->nutTurn, (string) $depth);
            self::assertNull(self::second($depth)->advisedTurn);
        }
    }

    public function test_the_advice_never_passes_what_is_left(): void
    {
        for ($depth = 5.0; $depth < 9.1; $depth += 0.1) {
            foreach (DrawBolt::cases() as $bolt) {
                $result = self::second($depth, bolt: $bolt);
                self::assertLessThan($result->nutTurn?->degrees, $result->advisedTurn?->degrees);
                if ($result->toGo?->mm <= 0.5) {
                    self::assertLessThanOrEqual(90.0, $result->advisedTurn?->degrees);
                }
            }
        }
    }

    /** @return iterable<string, array{?float, list<PairFeel>, Level, string}> */
    public static function seconds(): iterable
    {
        $there = [PairFeel::NudgesOnly, PairFeel::OtherFollows];
        yield 'there' => [9.18, $there, Level::Go, 'second.there'];
        yield 'there by sizes, nothing felt' => [9.20, [], Level::Go, 'second.there'];
        yield 'there by sizes, still loose' => [9.18, [PairFeel::MovesUpDown], Level::Care, 'second.short'];
        yield 'to go' => [8.85, [PairFeel::Rattles], Level::Care, 'second.more'];
        yield 'to go, hands say there' => [8.85, $there, Level::Care, 'second.clash'];
        yield 'there, but it binds' => [9.22, [PairFeel::Binds], Level::Stop, 'second.too_far'];
        yield 'clamped it drags' => [9.20, [PairFeel::ClampedDrags], Level::Stop, 'second.too_far'];
        yield 'a little past, hands content' => [9.30, $there, Level::Go, 'second.there'];
        yield 'a little past, nothing felt' => [9.30, [], Level::Care, 'second.try'];
        yield 'by hands: short' => [null, [PairFeel::Rattles], Level::Care, 'second.short'];
        yield 'by hands: there' => [null, $there, Level::Go, 'second.there'];
        yield 'by hands: binds' => [null, [PairFeel::Binds, PairFeel::NudgesOnly], Level::Stop, 'second.too_far'];
        yield 'by hands: mixed' => [null, [PairFeel::Rattles, PairFeel::ClampedFree], Level::Care, 'second.mixed'];
        yield 'by hands: only the axle' => [null, [PairFeel::AxleByHand], Level::Care, 'second.axle_only'];
    }

    /** @param  list<PairFeel>  $feel */
    #[DataProvider('seconds')]
    public function test_the_second_bearing_is_decided_on_sizes_and_hands(?float $depth, array $feel, Level $level, string $key): void
    {
        $verdict = self::second($depth, $feel)->verdict;
        self::assertSame([$level, $key], [$verdict->level, $verdict->headline->key]);
    }

    public function test_a_sleeve_not_seen_stops_everything(): void
    {
        self::assertSame('second.no_sleeve', self::second(9.20, [PairFeel::NudgesOnly], seen: false)->verdict->headline->key);
    }

    public function test_a_sleeve_longer_than_the_hub_is_refused(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);
        $this->expectException(Nonsense::class);
        new SecondBearingInput($reading(50), $reading(9), Length::mm(14), $reading(57), Length::mm(14), $reading(9));
    }

    /** @param  list<PairFeel>  $feel */
    private static function sleeve(float $length, array $feel = [], Instrument $by = Instrument::Micrometer): SleeveLengthResult
    {
        return (new SleeveLength(Limits::standard()))->work(new SleeveLengthInput(Reading::mm(57.60, $by), Reading::mm($length, $by), Length::mm(20), Length::mm(47), Length::mm(0.005), $feel));
    }

    /** @return iterable<string, array{float, list<PairFeel>, Level, string}> */
    public static function sleeves(): iterable
    {
        yield 'a little long' => [57.65, [], Level::Go, 'sleeve.fits'];
        yield 'as long as the span' => [57.60, [], Level::Go, 'sleeve.fits'];
        yield 'too long' => [57.80, [], Level::Care, 'sleeve.long'];
        yield 'a little short, tried' => [57.55, [PairFeel::ClampedFree], Level::Go, 'sleeve.fits'];
        yield 'a little short, not tried' => [57.55, [], Level::Care, 'sleeve.doubt'];
        yield 'much too short' => [57.20, [], Level::Stop, 'sleeve.short'];
        yield 'right, but drags' => [57.62, [PairFeel::ClampedDrags], Level::Stop, 'sleeve.drags'];
    }

    /** @param  list<PairFeel>  $feel */
    #[DataProvider('sleeves')]
    public function test_a_sleeve_against_two_ledges(float $length, array $feel, Level $level, string $key): void
    {
        $result = self::sleeve($length, $feel);
        self::assertSame([$level, $key], [$result->verdict->level, $result->verdict->headline->key]);
        self::assertEqualsWithDelta($length - 57.60, $result->gap->mm, 1e-9);
        self::assertEqualsWithDelta(2 * sqrt(0.04 * 8.1 * 0.005), $result->allowedShort->mm, 1e-6);
    }

    /** @param  list<ToolInput>  $tools */
    private static function driver(array $tools, float $depth = 9.2): DriverChoiceResult
    {
        return (new DriverChoice(Limits::standard()))->work(new DriverChoiceInput(Length::mm(20), Length::mm(47), $tools, Length::mm($depth)));
    }

    private static function tool(float $outside, ?float $opening, float $length = 60, ToolKind $kind = ToolKind::Cup): ToolInput
    {
        return new ToolInput("$outside", Length::mm($outside), $opening === null ? null : Length::mm($opening), Length::mm($length), $kind);
    }

    /** @return iterable<string, array{ToolInput, Level, string}> */
    public static function tools(): iterable
    {
        yield 'good cup' => [self::tool(46.2, 37), Level::Go, 'driver.good'];
        yield 'as wide as the bore' => [self::tool(46.9, 37), Level::Stop, 'driver.too_wide'];
        yield 'too short' => [self::tool(46.2, 37, 15), Level::Stop, 'driver.too_short'];
        yield 'stands on the inner ring' => [self::tool(25, null), Level::Stop, 'driver.inner_only'];
        yield 'stands on the seal' => [self::tool(40, 30), Level::Stop, 'driver.too_little'];
        yield 'covers some' => [self::tool(44, 37), Level::Care, 'driver.some'];
        yield 'touches both rings' => [self::tool(46.4, null), Level::Care, 'driver.both'];
        yield 'chrome' => [self::tool(46.2, 37, 60, ToolKind::ChromeSocket), Level::Care, 'driver.chrome'];
    }

    #[DataProvider('tools')]
    public function test_each_tool_is_judged_by_where_it_stands(ToolInput $tool, Level $level, string $key): void
    {
        $fit = self::driver([$tool])->tools[0];
        self::assertSame([$level, $key], [$fit->level, $fit->reason->key]);
    }

    public function test_the_best_tool_comes_first_and_zones_are_right(): void
    {
        $result = self::driver([self::tool(25, null), self::tool(46.4, null), self::tool(45.5, 38), self::tool(46.2, 37)]);
        self::assertSame('46.2', $result->best);
        self::assertSame([Level::Go, Level::Go, Level::Care, Level::Stop], array_map(static fn ($t): Level => $t->level, $result->tools));
        self::assertEqualsWithDelta(47 - 0.21 * 27, $result->outerZoneInside->mm, 1e-9);
        self::assertEqualsWithDelta(20 + 0.21 * 27, $result->innerZoneOutside->mm, 1e-9);
    }

    public function test_when_none_fits_it_says_what_to_make_and_that_would_fit(): void
    {
        $none = self::driver([self::tool(25, null)]);
        self::assertNull($none->best);
        self::assertSame(Level::Stop, $none->verdict->level);
        $made = self::tool($none->makeOutsideMost->mm, $none->makeOpeningLeast->mm + 5);
        self::assertSame(Level::Go, self::driver([$made])->verdict->level);
        $least = self::tool($none->makeOutsideLeast->mm, $none->makeOpeningLeast->mm + 5);
        self::assertSame(Level::Go, self::driver([$least])->verdict->level);
        self::assertSame(Level::Stop, self::driver([])->verdict->level, 'an empty wall');
    }

    public function test_above_the_face_a_wide_tool_is_no_fault(): void
    {
        self::assertSame(Level::Go, self::driver([self::tool(47.5, 38)], 0)->tools[0]->level);
    }

    public function test_a_tool_cannot_be_hollower_than_it_is_wide(): void
    {
        $this->expectException(Nonsense::class);
        self::tool(40, 41);
    }
}
