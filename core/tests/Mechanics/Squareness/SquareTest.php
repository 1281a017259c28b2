<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Squareness;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Squareness\ClockDepth;
use CleanRace\Core\Mechanics\Squareness\Eye;
use CleanRace\Core\Mechanics\Squareness\Square;
use CleanRace\Core\Mechanics\Squareness\SquareInput;
use CleanRace\Core\Mechanics\Squareness\SquareResult;
use CleanRace\Core\Mechanics\Squareness\SquareStage;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Does the ring go in square. */
final class SquareTest extends TestCase
{
    /** @param  array<int|string, float>  $depths by clock */
    private static function square(
        array $depths,
        Instrument $by = Instrument::DepthCaliper,
        SquareStage $stage = SquareStage::Entering,
        ?Eye $eye = null,
        ?string $at = null,
    ): SquareResult {
        $readings = array_map(
            static fn (int|string $clock, float $mm): ClockDepth => new ClockDepth(Clock::read($clock), Reading::mm($mm, $by)),
            array_keys($depths),
            array_values($depths),
        );

        return (new Square(Limits::standard()))->work(
            new SquareInput(Length::mm(20), Length::mm(47), $readings, $stage, $eye, $at === null ? null : Clock::read($at)),
        );
    }

    public function test_square_as_worked_by_hand(): void
    {
        $read = [12 => 3.10, 3 => 3.41, 6 => 3.72, 9 => 3.41];
        $result = self::square($read);
        self::assertEqualsWithDelta(3.41, $result->meanDepth?->mm, 1e-9);
        self::assertEqualsWithDelta(0.62, $result->tilt?->mm, 1e-9);
        self::assertEqualsWithDelta(0.80, $result->angle?->degrees, 0.005);
        self::assertEqualsWithDelta(0.09, $result->anglePlusMinus?->degrees, 0.005);
        self::assertSame('12', $result->highSide?->text());
        self::assertSame('square.tap', $result->verdict->headline->key, 'a depth caliper is not sure that it is past 0.75');
        self::assertSame('square.out', self::square($read, Instrument::DepthMicrometer)->verdict->headline->key);
        $plain = [12 => 3.00, 3 => 3.40, 6 => 3.80, 9 => 3.40];
        foreach ([Instrument::DepthCaliper, Instrument::DepthMicrometer] as $by) {
            self::assertEqualsWithDelta(1.04, self::square($plain, $by)->angle?->degrees, 0.005);
            self::assertSame(Level::Stop, self::square($plain, $by)->verdict->level);
            self::assertSame(Level::Care, self::square($plain, $by, eye: Eye::Level)->verdict->level, 'both are named');
        }
    }

    /** Any plane is found again from three or from four depths, whichever way it leans. */
    public function test_a_reference_takes_a_rough_face_off_place_by_place(): void
    {
        $read = static fn (array $depths): array => array_map(
            static fn (int $h, float $mm): ClockDepth => new ClockDepth(
                Clock::read((string) $h),
                Reading::mm($mm, Instrument::DepthMicrometer),
            ),
            array_keys($depths),
            array_values($depths),
        );
        $face = [12 => 20.9, 4 => 20.2, 8 => 20.5];
        $ring = [12 => 5.9, 4 => 5.2, 8 => 5.5];
        $work = static fn (array $reference): SquareResult => (new Square(Limits::standard()))->work(
            new SquareInput(Length::mm(20), Length::mm(47), $read($ring), reference: $read($reference)),
        );
        self::assertSame('square.out', $work([])->verdict->headline->key);
        self::assertSame('square.on', $work($face)->verdict->headline->key);
        self::assertEqualsWithDelta(0.0, $work($face)->tilt?->mm, 1e-9);
        self::assertEqualsWithDelta(
            sqrt(2) * (float) $work([])->tiltPlusMinus?->mm,
            $work($face)->tiltPlusMinus?->mm,
            1e-9,
            'two readings, twice the doubt in squares',
        );
        foreach ([[12 => 20.9, 4 => 20.2], [1 => 20, 5 => 20, 9 => 20]] as $reference) {
            try {
                $work($reference);
                self::fail('It was taken.');
            } catch (InvalidInput $invalid) {
                self::assertNotSame('', $invalid->getMessage());
            }
        }
    }

    public function test_three_and_four_depths_find_the_same_plane(): void
    {
        foreach (range(0, 23) as $half) {
            $high = $half / 2;
            $depth = static fn (int $hour): float => 5.0 - 0.2 * cos((($hour - $high) * M_PI) / 6);
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
            $depths = array_combine($hours, array_map(static fn (int $h): float => 3.0 - 0.3 * cos(($h * M_PI) / 6), $hours));
            self::assertEqualsWithDelta(2 * 0.05 * sqrt(2 / $n), self::square($depths)->tiltPlusMinus?->mm, 1e-9);
        }
    }

    /** @return iterable<string, array{float, Instrument, string}> tilt across the ring, instrument, headline */
    public static function tilts(): iterable
    {
        yield 'level' => [0.0, Instrument::DepthCaliper, 'square.on'];
        yield 'a little, micrometer' => [0.1, Instrument::DepthMicrometer, 'square.on'];
        yield 'a little, caliper: too little to name a side' => [0.13, Instrument::DepthCaliper, 'square.doubt'];
        yield 'tap it' => [0.3, Instrument::DepthCaliper, 'square.tap'];
        yield 'tap it, just' => [0.56, Instrument::DepthCaliper, 'square.tap'];
        yield 'just not surely past it' => [0.65, Instrument::DepthCaliper, 'square.tap'];
        yield 'out' => [0.67, Instrument::DepthCaliper, 'square.out'];
        yield 'out by micrometer' => [0.60, Instrument::DepthMicrometer, 'square.out'];
        yield 'a rule tells nothing of it' => [0.5, Instrument::SteelRule, 'square.doubt'];
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

    /** @return iterable<string, array{float, Instrument, ?Eye, Level}> tilt across the ring on one diameter, what else is known */
    public static function atHome(): iterable
    {
        $caliper = Instrument::DepthCaliper;
        $rule = Instrument::SteelRule;
        yield 'a micrometer decides alone' => [0.05, Instrument::DepthMicrometer, null, Level::Go];
        yield 'by micrometer past the limit' => [0.15, Instrument::DepthMicrometer, null, Level::Stop];
        yield 'a caliper cannot tell 0.10' => [0.03, $caliper, null, Level::Care];
        yield 'a caliper and a level look' => [0.03, $caliper, Eye::Level, Level::Go];
        yield 'to the limit and its own doubt' => [0.14, $caliper, Eye::Level, Level::Go];
        yield 'past that the look is not enough' => [0.17, $caliper, Eye::Level, Level::Care];
        yield 'far past it' => [0.4, $caliper, null, Level::Stop];
        yield 'far past it, though it looks level' => [0.4, $caliper, Eye::Level, Level::Care];
        yield 'noise of a rule is no level' => [0.5, $rule, null, Level::Care];
        yield 'a rule is not asked beside a look' => [0.5, $rule, Eye::Level, Level::Go];
        yield 'looks proud' => [0.03, $caliper, Eye::Proud, Level::Care];
        yield 'looks cocked' => [0.03, $caliper, Eye::Cocked, Level::Stop];
    }

    #[DataProvider('atHome')]
    public function test_at_home_noise_is_never_level(float $tilt, Instrument $by, ?Eye $eye, Level $level): void
    {
        $read = [12 => 9 - $tilt / 2, 3 => 9.0, 6 => 9 + $tilt / 2, 9 => 9.0];
        $result = self::square($read, $by, SquareStage::Home, $eye);
        self::assertSame($level, $result->verdict->level, $result->verdict->headline->key);
    }

    public function test_on_a_small_ring_a_look_wants_one_sign_more(): void
    {
        $of = static fn (?float $tilt, Eye $eye, bool $feeler, bool $note, Instrument $by = Instrument::DepthCaliper): Level => (
            new Square(Limits::standard())
        )->work(
            new SquareInput(
                Length::mm(8),
                Length::mm(22),
                $tilt === null ? [] : array_map(
                    static fn (int $h, float $mm): ClockDepth => new ClockDepth(Clock::read((string) $h), Reading::mm($mm, $by)),
                    [12, 3, 6, 9],
                    [5 - $tilt / 2, 5.0, 5 + $tilt / 2, 5.0],
                ),
                SquareStage::Home,
                $eye,
                feelerRefused: $feeler,
                noteChanged: $note,
            ),
        )->verdict->level;
        self::assertSame(Level::Care, $of(null, Eye::Level, false, false));
        self::assertSame(Level::Go, $of(null, Eye::Level, false, true));
        self::assertSame(Level::Go, $of(null, Eye::Level, true, false));
        self::assertSame(Level::Go, $of(0.05, Eye::Level, false, false), 'a depth caliper near level is the one sign more');
        self::assertSame(Level::Care, $of(0.14, Eye::Level, false, false), '0.39 of a degree is not level');
        self::assertSame(Level::Care, $of(0.1, Eye::Level, false, false, Instrument::SteelRule), 'a rule is no sign');
        self::assertSame(Level::Go, $of(0.1, Eye::Level, false, true, Instrument::SteelRule));
    }

    public function test_going_in_the_look_decides_where_the_instrument_is_coarse(): void
    {
        $by = static fn (float $tilt, ?Eye $eye): string => self::square(
            [12 => 3 - $tilt / 2, 3 => 3.0, 6 => 3 + $tilt / 2, 9 => 3.0],
            Instrument::SteelRule,
            eye: $eye,
            at: '4',
        )->verdict->headline->key;
        self::assertSame('square.on', $by(0.5, Eye::Level), '0.65 of a degree, give or take 0.92');
        self::assertSame('square.tap', $by(0.5, Eye::Proud));
        self::assertSame('square.out', $by(0.5, Eye::Cocked));
        self::assertSame('square.doubt', $by(0.5, null));
        self::assertSame('square.clash', $by(1.6, Eye::Level), 'more than twice its doubt past 0.20');
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
        self::assertSame(
            'square.on',
            self::square([12 => 3.0, 4 => 3.02, 8 => 2.98], Instrument::DepthMicrometer)->verdict->headline->key,
            'three always lie in a plane',
        );
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
        $this->expectException(InvalidInput::class);
        self::square($depths, eye: $eye);
    }

    public function test_one_place_twice_is_refused(): void
    {
        $depth = static fn (string $clock): ClockDepth => new ClockDepth(Clock::read($clock), Reading::mm(3, Instrument::DepthCaliper));
        $this->expectException(InvalidInput::class);
        new SquareInput(Length::mm(20), Length::mm(47), [$depth('12'), $depth('0'), $depth('6')]);
    }
}
