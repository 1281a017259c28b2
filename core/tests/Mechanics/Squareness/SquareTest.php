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
        $result = self::square([12 => 3.1, 3 => 3.4, 6 => 3.7, 9 => 3.4]);
        self::assertEqualsWithDelta(3.4, $result->meanDepth?->mm, 1e-9);
        self::assertEqualsWithDelta(0.6, $result->tilt?->mm, 1e-9);
        self::assertEqualsWithDelta(0.78, $result->angle?->degrees, 0.005);
        self::assertEqualsWithDelta(0.09, $result->anglePlusMinus?->degrees, 0.005);
        self::assertSame('12', $result->highSide?->text());
        self::assertSame('square.out', $result->verdict->headline->key);
        self::assertSame(Level::Stop, $result->verdict->level);
    }

    /** Any plane is found again from three or from four depths, whichever way it leans. */
    public function test_a_reference_takes_a_rough_face_off_place_by_place(): void
    {
        $read = static fn (array $depths): array => array_map(
            static fn (int $h, float $mm): ClockDepth => new ClockDepth(
                Clock::read((string) $h),
                Reading::mm($mm, Instrument::DepthCaliper),
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
        self::assertSame(
            Level::Go,
            self::square([12 => 9.18, 3 => 9.22, 6 => 9.24, 9 => 9.2], stage: SquareStage::Home)->verdict->level,
        );
        self::assertSame(
            Level::Care,
            self::square([12 => 9.0, 3 => 9.2, 6 => 9.4, 9 => 9.2], stage: SquareStage::Home)->verdict->level,
        );
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
            self::square([12 => 3.0, 4 => 3.02, 8 => 2.98])->verdict->headline->key,
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
