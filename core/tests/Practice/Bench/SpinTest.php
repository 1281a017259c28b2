<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Practice\Bench;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\ContactMicrophone;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Practice\Bench\Spin\HandSpin;
use CleanRace\Core\Practice\Bench\Spin\Nuisance;
use CleanRace\Core\Practice\Bench\Spin\Recorded;
use CleanRace\Core\Practice\Bench\Spin\RollingBearing;
use CleanRace\Core\Practice\Bench\Spin\Scene;
use CleanRace\Core\Practice\Bench\Spin\Tapper;
use CleanRace\Core\Sound\TurningRing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;

/** A wheel that is not there rolls, knocks and is recorded as one would be. */
final class SpinTest extends TestCase
{
    private static function chance(int $seed): Chance
    {
        return new Chance(new Mt19937($seed));
    }

    private static function recorded(int $seed, mixed ...$how): Recorded
    {
        $scene = new Scene(BallSet::usual(Length::mm(20), Length::mm(47)), TurningRing::Outer, ...$how + ['seconds' => 8.0]);

        return (new ContactMicrophone(self::chance($seed)))->record($scene);
    }

    private static function loud(Recorded $recorded, float $from = 3.0): float
    {
        $part = array_slice($recorded->samples, (int) ($from * $recorded->rate), 2 * $recorded->rate);

        return sqrt(array_sum(array_map(static fn (float $s): float => $s * $s, $part)) / count($part));
    }

    /** @return iterable<string, array{TurningRing, Fault, float}> what stands still, times a turn, on test stands that were published */
    public static function orders(): iterable
    {
        yield 'outer ring, shaft turns' => [TurningRing::Inner, Fault::Outer, 3.585];
        yield 'inner ring, shaft turns' => [TurningRing::Inner, Fault::Inner, 5.415];
        yield 'outer ring, hub turns' => [TurningRing::Outer, Fault::Outer, 3.585];
        yield 'inner ring, hub turns' => [TurningRing::Outer, Fault::Inner, 5.415];
        yield 'ball, shaft turns' => [TurningRing::Inner, Fault::Ball, 4.711];
    }

    #[DataProvider('orders')]
    public function test_balls_knock_as_often_as_they_do_on_a_stand(TurningRing $turning, Fault $fault, float $times): void
    {
        // 6205: nine balls of 7.938 on 39.04; counted, not by the guess.
        $balls = BallSet::counted(9, Length::mm(7.938), Length::mm(39.04));
        $spin = HandSpin::of(40.0, 1.0, 3.0, 0.01, 0.005, self::chance(3));
        $knocks = RollingBearing::knocks($balls, $turning, $fault, $spin, self::chance(4));
        $turned = $spin->turns[count($spin->turns) - 1];
        self::assertGreaterThan(50, $turned);
        // A cage that slips by up to two in a hundred, and a ball that begins and ends on its way.
        self::assertEqualsWithDelta($times, count($knocks) / $turned, 0.025 * $times);
        self::assertSame([], RollingBearing::knocks($balls, $turning, Fault::Dry, $spin, self::chance(4)));
    }

    public function test_a_hand_spin_rests_is_pushed_and_runs_out(): void
    {
        $spin = HandSpin::of(20.0, 1.0, 2.5, 0.03, 0.02, self::chance(9));
        self::assertSame(0.0, $spin->at(0.9));
        self::assertEqualsWithDelta(2.5, $spin->speed((int) (1000 * $spin->let) + 20), 0.1);
        self::assertLessThan($spin->speed(5_000), $spin->speed(18_000));
        $passes = $spin->passes(0.3);
        foreach ($passes as $i => $at) {
            self::assertEqualsWithDelta(0.3, fmod($spin->at($at), 1.0), 0.01);
            self::assertGreaterThan($passes[$i - 1] ?? 0.0, $at);
        }
    }

    public function test_people_tap_late_early_not_at_all_and_twice(): void
    {
        $passes = array_map(static fn (int $n): float => 0.5 * $n, range(0, 400));
        $taps = (new Tapper(self::chance(2)))->taps($passes, 0.03);
        $off = array_map(static fn (float $t): float => $t - 0.5 * round($t / 0.5), $taps);
        $spread = sqrt(array_sum(array_map(static fn (float $o): float => $o * $o, $off)) / count($off));
        self::assertEqualsWithDelta(0.03, $spread, 0.01);
        self::assertNotSame(count($passes) - 1, count($taps));
    }

    public function test_the_same_seed_is_the_same_recording(): void
    {
        self::assertSame(self::recorded(5)->wave(), self::recorded(5)->wave());
        self::assertNotSame(self::recorded(5)->wave(), self::recorded(6)->wave());
    }

    public function test_what_is_about_is_heard(): void
    {
        $quiet = self::loud(self::recorded(7));
        self::assertGreaterThan(1.5 * $quiet, self::loud(self::recorded(7, nuisances: [Nuisance::Voice])));
        self::assertGreaterThan(1.2 * $quiet, self::loud(self::recorded(7, nuisances: [Nuisance::Knocks])));
        self::assertLessThan(0.5 * $quiet, self::loud(self::recorded(7, nuisances: [Nuisance::NoTouch])));
        $clipped = self::recorded(7, nuisances: [Nuisance::Clipping]);
        $full = count(array_filter($clipped->samples, static fn (float $s): bool => abs($s) >= 1.0));
        self::assertGreaterThan(0.002, $full / count($clipped->samples));
    }
}
