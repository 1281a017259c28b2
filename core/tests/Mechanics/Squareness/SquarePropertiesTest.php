<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Squareness;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Squareness\ClockDepth;
use CleanRace\Core\Mechanics\Squareness\Square;
use CleanRace\Core\Mechanics\Squareness\SquareInput;
use CleanRace\Core\Mechanics\Squareness\SquareResult;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of squareness whatever was read. */
final class SquarePropertiesTest extends TestCase
{
    use TestTrait;

    public function test_turning_the_wheel_on_the_blocks_turns_the_answer_with_it(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(0, 11), Generators::choose(-40, 40), Generators::choose(-40, 40), Generators::choose(100, 900))
            ->then(function (int $turn, int $b, int $c, int $z): void {
                $depth = static fn (float $hour): float => $z / 100 +
                    ($b / 100) * cos(($hour * M_PI) / 6) +
                    ($c / 100) * sin(($hour * M_PI) / 6);
                $square = static fn (array $hours, int $shift): SquareResult => (new Square(Limits::standard()))->work(
                    new SquareInput(
                        Length::mm(20),
                        Length::mm(47),
                        array_map(
                            static fn (int $h): ClockDepth => new ClockDepth(
                                Clock::read(($h + $shift) % 12),
                                Reading::mm($depth($h), Instrument::DepthMicrometer),
                            ),
                            array_values($hours),
                        ),
                    ),
                );
                $as = $square([12, 3, 6, 9], 0);
                $turned = $square([12, 3, 6, 9], $turn);
                self::assertEqualsWithDelta($as->tilt?->mm, $turned->tilt?->mm, 1e-9);
                self::assertEqualsWithDelta($as->meanDepth?->mm, $turned->meanDepth?->mm, 1e-9);
                self::assertSame($as->verdict->level, $turned->verdict->level);
                if ($as->highSide !== null && $turned->highSide !== null) {
                    $off = fmod($turned->highSide->hours - $as->highSide->hours - $turn + 36, 12);
                    self::assertLessThanOrEqual(0.5, min($off, 12 - $off), 'to the half hour');
                }
            });
    }

    public function test_a_deeper_reading_moves_the_mean_and_nothing_else(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(0, 500), Generators::choose(0, 60))
            ->then(function (int $deeper, int $tilt): void {
                $square = static fn (float $by) => (new Square(Limits::standard()))->work(
                    new SquareInput(
                        Length::mm(25),
                        Length::mm(52),
                        array_map(
                            static fn (int $h): ClockDepth => new ClockDepth(
                                Clock::read($h),
                                Reading::mm(2 + $by - ($tilt / 200) * cos(($h * M_PI) / 6), Instrument::DepthCaliper),
                            ),
                            [12, 4, 8],
                        ),
                    ),
                );
                self::assertEqualsWithDelta($square(0)->tilt?->mm, $square($deeper / 100)->tilt?->mm, 1e-9);
                self::assertEqualsWithDelta($deeper / 100, $square($deeper / 100)->meanDepth?->mm - $square(0)->meanDepth?->mm, 1e-9);
            });
    }

    public function test_noise_within_the_instrument_moves_the_verdict_only_where_the_reading_straddles_a_limit(): void
    {
        $limits = Limits::standard();
        $half = Instrument::DepthMicrometer->halfWidth()->mm;
        $this->limitTo(80)
            ->forAll(
                Generators::choose(0, 120),
                Generators::choose(-100, 100),
                Generators::choose(-100, 100),
                Generators::choose(-100, 100),
                Generators::choose(-100, 100),
            )
            ->then(function (int $tilt, int ...$noise) use ($limits, $half): void {
                $square = static fn (array $noise): SquareResult => (new Square($limits))->work(
                    new SquareInput(
                        Length::mm(20),
                        Length::mm(47),
                        array_map(
                            static fn (int $i, int $h): ClockDepth => new ClockDepth(
                                Clock::read((string) $h),
                                Reading::mm(
                                    4 - ($tilt / 200) * cos(($h * M_PI) / 6) + ($half * $noise[$i]) / 100,
                                    Instrument::DepthMicrometer,
                                ),
                            ),
                            [0, 1, 2, 3],
                            [12, 3, 6, 9],
                        ),
                    ),
                );
                $quiet = $square([0, 0, 0, 0]);
                $noisy = $square($noise);
                // Noise within the instrument moves an angle by twice its u at most. It goes on where nine in ten say so, and out
                // only beyond its limit by two sigma.
                $u = $quiet->anglePlusMinus->degrees ?? 0.0;
                $sigma = $u / sqrt(3);
                $turns = [$limits->get('square.go_on_deg') - 1.2816 * $sigma, $limits->get('square.drive_out_deg') + 2 * $sigma];
                $straddles = false;
                foreach ($turns as $turn) {
                    $straddles = $straddles || abs(($quiet->angle->degrees ?? 0.0) - $turn) <= 2 * $u;
                }
                self::assertTrue(
                    $straddles || $quiet->verdict->level === $noisy->verdict->level,
                    sprintf('%.3f° and %.3f°', $quiet->angle?->degrees, $noisy->angle?->degrees),
                );
            });
    }
}
