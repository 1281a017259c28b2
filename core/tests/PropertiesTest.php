<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Drivers\DriverChoice;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceInput;
use CleanRace\Core\Mechanics\Drivers\ToolInput;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Mechanics\Squareness\ClockDepth;
use CleanRace\Core\Mechanics\Squareness\Square;
use CleanRace\Core\Mechanics\Squareness\SquareInput;
use CleanRace\Core\Mechanics\Squareness\SquareResult;
use CleanRace\Core\Mechanics\Warmth\Heat;
use CleanRace\Core\Mechanics\Warmth\HeatInput;
use CleanRace\Core\Seating\Home\Home;
use CleanRace\Core\Seating\Home\HomeInput;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Seating\Home\SecondBearingInput;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\CaliperCandidate;
use CleanRace\Core\Sizing\Bearing\RingState;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What must hold whatever the numbers are. */
final class PropertiesTest extends TestCase
{
    use TestTrait;

    public function test_turning_the_wheel_on_the_blocks_turns_the_answer_with_it(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(0, 11), Generators::choose(-40, 40), Generators::choose(-40, 40), Generators::choose(100, 900))->then(function (int $turn, int $b, int $c, int $z): void {
            $depth = static fn (float $hour): float => $z / 100 + $b / 100 * cos($hour * M_PI / 6) + $c / 100 * sin($hour * M_PI / 6);
            $square = static fn (array $hours, int $shift): SquareResult => (new Square(Limits::standard()))->work(new SquareInput(Length::mm(20), Length::mm(47), array_map(
                static fn (int $h): ClockDepth => new ClockDepth(Clock::read(($h + $shift) % 12), Reading::mm($depth($h), Instrument::DepthMicrometer)), array_values($hours),
            )));
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
        $this->limitTo(40)->forAll(Generators::choose(0, 500), Generators::choose(0, 60))->then(function (int $deeper, int $tilt): void {
            $square = static fn (float $by) => (new Square(Limits::standard()))->work(new SquareInput(Length::mm(25), Length::mm(52), array_map(
                static fn (int $h): ClockDepth => new ClockDepth(Clock::read($h), Reading::mm(2 + $by - $tilt / 200 * cos($h * M_PI / 6), Instrument::DepthCaliper)), [12, 4, 8],
            )));
            self::assertEqualsWithDelta($square(0)->tilt?->mm, $square($deeper / 100)->tilt?->mm, 1e-9);
            self::assertEqualsWithDelta($deeper / 100, $square($deeper / 100)->meanDepth?->mm - $square(0)->meanDepth?->mm, 1e-9);
        });
    }

    public function test_noise_within_the_instrument_moves_the_verdict_only_where_the_reading_straddles_a_limit(): void
    {
        $limits = Limits::standard();
        $half = Instrument::DepthMicrometer->halfWidth()->mm;
        $this->limitTo(80)->forAll(Generators::choose(0, 120), Generators::choose(-100, 100), Generators::choose(-100, 100), Generators::choose(-100, 100), Generators::choose(-100, 100))->then(function (int $tilt, int ...$noise) use ($limits, $half): void {
            $square = static fn (array $noise): SquareResult => (new Square($limits))->work(new SquareInput(Length::mm(20), Length::mm(47), array_map(
                static fn (int $i, int $h): ClockDepth => new ClockDepth(Clock::read((string) $h), Reading::mm(4 - $tilt / 200 * cos($h * M_PI / 6) + $half * $noise[$i] / 100, Instrument::DepthMicrometer)), [0, 1, 2, 3], [12, 3, 6, 9],
            )));
            $quiet = $square([0, 0, 0, 0]);
            $noisy = $square($noise);
            $straddles = false;
            foreach (['square.go_on_deg', 'square.drive_out_deg'] as $limit) {
                $straddles = $straddles || abs(($quiet->angle->degrees ?? 0.0) - $limits->get($limit)) <= 2 * ($quiet->anglePlusMinus->degrees ?? 0.0);
            }
            self::assertTrue($straddles || $quiet->verdict->level === $noisy->verdict->level, sprintf('%.3f° and %.3f°', $quiet->angle?->degrees, $noisy->angle?->degrees));
        });
    }

    public function test_force_is_proportional_to_what_presses_and_never_negative(): void
    {
        $this->limitTo(80)->forAll(Generators::choose(0, 60), Generators::choose(50, 90), Generators::elements(...Material::cases()))->then(function (int $um, int $hub, Material $material): void {
            $force = static fn (float $mm) => (new PressForce(Limits::standard()))->work(new PressForceInput(Length::mm(20), Length::mm(47), Length::mm(14), Length::mm($mm), Length::mm($hub), material: $material));
            $one = $force(0.005 + $um / 1000);
            $two = $force(0.005 + 2 * $um / 1000);
            self::assertGreaterThanOrEqual(0, $one->force->newtons);
            self::assertEqualsWithDelta(2 * $one->force->newtons, $two->force->newtons, 1e-6);
            self::assertGreaterThanOrEqual($one->pressure->megapascals, $one->hoopStress->megapascals, 'the wall carries more than the joint');
            self::assertGreaterThanOrEqual(2000.0, $one->stop->newtons);
            self::assertGreaterThanOrEqual($one->forceHigh->newtons, $one->stop->newtons);
        });
    }

    public function test_warming_by_what_is_asked_opens_the_bore_by_what_is_asked(): void
    {
        $this->limitTo(80)->forAll(Generators::choose(22, 110), Generators::choose(0, 50), Generators::choose(-5, 35), Generators::elements(...Material::cases()))->then(function (int $outside, int $um, int $room, Material $material): void {
            $heat = (new Heat(Limits::standard()))->work(new HeatInput(Length::mm($outside), Length::mm($um / 1000), $material, Temperature::celsius($room)));
            $opened = $outside * $material->alpha() * $heat->rise->kelvin;
            self::assertEqualsWithDelta($um / 1000 + ($outside >= 30 ? 0.020 : 0.010), $opened, 1e-9);
            self::assertLessThanOrEqual($heat->limit->celsius, $heat->target->celsius);
            self::assertSame($heat->wanted->celsius > $heat->limit->celsius ? Level::Care : Level::Go, $heat->verdict->level);
        });
    }

    public function test_every_bearing_read_as_a_caliper_reads_is_among_the_first_two(): void
    {
        $sizes = array_values(array_filter((new BearingTable)->all(), static fn (Bearing $b): bool => $b->commonness > 1));
        $this->limitTo(120)->forAll(Generators::choose(0, count($sizes) - 1), Generators::choose(-25, 25), Generators::choose(-25, 25), Generators::choose(-25, 25))->then(function (int $which, int $a, int $b, int $c) use ($sizes): void {
            $size = $sizes[$which];
            $read = static fn (float $mm, int $error): Reading => Reading::mm($mm + $error / 1000, Instrument::DigitalCaliper);
            $found = (new BearingFromCaliper(Limits::standard()))->work(new BearingFromCaliperInput($read($size->bore->mm - 0.004, $a), $read($size->outside->mm - 0.006, $b), $read($size->sealedWidth->mm - 0.06, $c), RingState::Clean));
            $called = array_map(static fn (CaliperCandidate $c): array => [$c->number, ...$c->others], $found->candidates);
            self::assertContains($size->number, array_merge(...array_slice($called, 0, 2)), $size->number);
            self::assertTrue($found->number === null || in_array($size->number, $called[0], true), "{$size->number} was called {$found->number}");
        });
    }

    public function test_evidence_for_a_grip_never_makes_a_grip_less_likely(): void
    {
        $order = FitFeel::cases();
        $this->limitTo(40)->forAll(Generators::choose(4690, 4706))->then(function (int $bore) use ($order): void {
            $last = -1.0;
            foreach ($order as $feel) {
                $fit = (new Fit(Limits::standard()))->work(new FitInput(Length::mm(47), Reading::mm($bore / 100, Instrument::DigitalCaliper), null, $feel));
                if ($fit->verdict->headline->key === 'fit.clash') {
                    continue;
                }
                $grips = $fit->probabilityGrips->share;
                self::assertGreaterThanOrEqual($last - 0.02, $grips, "{$feel->value} at $bore");
                $last = $grips;
            }
        });
    }

    public function test_a_fit_is_the_same_wherever_both_parts_grow_alike(): void
    {
        $this->limitTo(30)->forAll(Generators::choose(4690, 4700))->then(function (int $bore): void {
            $fit = (new Fit(Limits::standard()))->work(new FitInput(Length::mm(47), Reading::mm($bore / 100, Instrument::BoreGauge), material: Material::Steel));
            self::assertEqualsWithDelta($fit->interference->mm, $fit->interferenceWarm->mm, 1e-9);
            self::assertEqualsWithDelta($fit->interference->mm, $fit->interferenceCold->mm, 1e-9);
        });
    }

    public function test_driving_on_brings_a_ring_home_and_never_away_again(): void
    {
        $last = Level::Stop;
        for ($depth = 8.0; $depth <= 9.24; $depth += 0.02) {
            $level = (new Home(Limits::standard()))->work(new HomeInput(Length::mm(14), Reading::mm(23.2, Instrument::DepthMicrometer), Reading::mm($depth, Instrument::DepthMicrometer)))->verdict->level;
            self::assertLessThanOrEqual($last->rank(), $level->rank(), sprintf('at %.2f', $depth));
            $last = $level;
        }
        self::assertSame(Level::Go, $last);
    }

    public function test_what_is_left_falls_as_the_second_goes_in_and_then_it_is_too_far(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DepthMicrometer);
        $seen = [];
        for ($depth = 7.0; $depth <= 9.8; $depth += 0.05) {
            $result = (new SecondBearing(Limits::standard()))->work(new SecondBearingInput($reading(104), $reading(9.2), Length::mm(14), $reading(57.6), Length::mm(14), $reading($depth)));
            self::assertEqualsWithDelta(9.2 - $depth, $result->toGo?->mm, 1e-9);
            $seen[] = $result->verdict->level->value;
        }
        $order = array_values(array_filter($seen, static fn (string $level, int $i): bool => $i === 0 || $seen[$i - 1] !== $level, ARRAY_FILTER_USE_BOTH));
        self::assertSame(['care', 'go', 'care', 'stop'], $order);
    }

    public function test_what_it_says_to_make_always_fits_whatever_the_bearing(): void
    {
        foreach ((new BearingTable)->all() as $size) {
            $wall = new DriverChoice(Limits::standard());
            $input = static fn (array $tools): DriverChoiceInput => new DriverChoiceInput($size->bore, $size->outside, array_values($tools), Length::mm(5), $size->isThin());
            $make = $wall->work($input([]));
            if ($make->makeOutsideLeast->mm > $make->makeOutsideMost->mm) {
                self::assertLessThan(9.0, $size->outside->mm - $size->bore->mm, "{$size->number}: only a slight ring leaves no room");

                continue;
            }
            $made = new ToolInput('made', $make->makeOutsideMost, Length::mm(min($make->outerZoneInside->mm, $make->makeOutsideMost->mm - 0.2)), Length::mm(60));
            self::assertSame(Level::Go, $wall->work($input([$made]))->tools[0]->level, $size->number);
        }
    }
}
