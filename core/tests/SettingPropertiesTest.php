<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use CleanRace\Core\Catalogue\BoltGrade;
use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\LookAgain;
use CleanRace\Core\Measure\Meter;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Measure\Typed\AngleText;
use CleanRace\Core\Mechanics\Balls\BallsInCup;
use CleanRace\Core\Mechanics\Balls\BallsInCupInput;
use CleanRace\Core\Setting\AxleEnds\AxleEnds;
use CleanRace\Core\Setting\AxleEnds\AxleEndsInput;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Setting\Cones\ConePlay;
use CleanRace\Core\Setting\Cones\ConePlayInput;
use CleanRace\Core\Setting\Float\AxleFloat;
use CleanRace\Core\Setting\Float\FloatInput;
use CleanRace\Core\Setting\Float\Washers;
use CleanRace\Core\Setting\Float\WasherStock;
use CleanRace\Core\Setting\Float\WheelCentre;
use CleanRace\Core\Setting\Float\WheelCentreInput;
use CleanRace\Core\Setting\Tapers\TaperNut;
use CleanRace\Core\Setting\Tapers\TaperNutInput;
use CleanRace\Core\Setting\Torque\ThreadTreatment;
use CleanRace\Core\Setting\Torque\TorqueInput;
use CleanRace\Core\Setting\Torque\TorqueSetting;
use CleanRace\Core\Setting\Torque\TorqueSource;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What must hold of setting whatever the numbers are. */
final class SettingPropertiesTest extends TestCase
{
    use TestTrait;

    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_balls_that_are_taken_lie_side_by_side_and_one_more_would_not(): void
    {
        $this->limitTo(300)->forAll(Generators::choose(120, 600), Generators::choose(20, 80))->then(static function (int $circle, int $ball): void {
            [$circle, $ball] = [$circle / 10, $ball / 10];
            if ($ball >= $circle / 2.2) {
                return;
            }
            $result = (new BallsInCup(Limits::standard()))->work(new BallsInCupInput(self::caliper($circle), Length::mm($ball)));
            $angle = 2 * asin($ball / $circle);
            self::assertLessThanOrEqual(2 * M_PI + 1e-6, $result->fit * $angle);
            self::assertGreaterThan(2 * M_PI - 1e-6, ($result->fit + 1) * $angle);
            self::assertContains($result->fit - $result->take, [0, 1]);
            self::assertSame($result->take < $result->fit, $result->freeWhenFull->mm < 0.1 * $ball);
            self::assertGreaterThanOrEqual($result->freeWhenFull->mm - 1e-9, $result->free->mm);
        });
    }

    public function test_a_wider_circle_never_takes_fewer_balls(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(180, 500), Generators::choose(30, 70), Generators::choose(1, 60))->then(static function (int $circle, int $ball, int $more): void {
            $take = static fn (float $mm): int => (new BallsInCup(Limits::standard()))->work(new BallsInCupInput(self::caliper($mm), Length::mm($ball / 10)))->fit;
            self::assertGreaterThanOrEqual($take($circle / 10), $take(($circle + $more) / 10));
        });
    }

    public function test_an_axle_that_was_moved_as_told_is_where_it_should_be(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(0, 150), Generators::choose(0, 150), Generators::choose(0, 80), Generators::choose(0, 80), Generators::bool())->then(static function (int $left, int $right, int $before, int $beforeRight, bool $known): void {
            $was = $known ? ['beforeLeft' => Length::mm($before / 10), 'beforeRight' => Length::mm($beforeRight / 10)] : [];
            $work = static fn (float $l, float $r) => (new AxleEnds(Limits::standard()))->work(new AxleEndsInput(self::caliper($l), self::caliper($r), ...$was));
            $told = $work($left / 10, $right / 10);
            self::assertEqualsWithDelta(($left + $right) / 10, $told->wantLeft->mm + $told->wantRight->mm, 1e-9, 'an axle keeps its length');
            if ($told->wantLeft->mm > 0 && $told->wantRight->mm > 0) {
                self::assertSame(Level::Go, $work($told->wantLeft->mm, $told->wantRight->mm)->verdict->level);
            }
        });
    }

    public function test_rim_play_goes_with_end_play_and_a_longer_lever_shows_more(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(1, 40), Generators::choose(150, 350), Generators::choose(30, 80), Generators::choose(15, 30))->then(static function (int $rim, int $radius, int $spacing, int $circle): void {
            $work = static fn (float $play, float $r) => (new ConePlay(Limits::standard()))->work(new ConePlayInput(self::caliper($play), Length::mm($r), Length::mm($spacing), Length::mm($circle)));
            $one = $work($rim / 10, $radius);
            self::assertEqualsWithDelta(2 * $one->endPlay->mm, $work($rim / 5, $radius)->endPlay->mm, 1e-9);
            self::assertLessThan($one->endPlay->mm, $work($rim / 10, $radius + 20)->endPlay->mm);
            self::assertEqualsWithDelta($one->coneTurn->degrees, 60 * $one->flats, 1e-9);
            self::assertEqualsWithDelta($one->coneTurn->degrees, 6 * $one->minutes, 1e-9);
            self::assertSame(0.0, $one->shortening->mm, 'nuts do not shorten a solid axle');
        });
    }

    public function test_a_lever_takes_more_of_a_thinner_axle(): void
    {
        $take = static fn (string $thread, float $bore): float => (new ConePlay(Limits::standard()))->work(new ConePlayInput(self::caliper(0.5), Length::mm(290), Length::mm(52), Length::mm(21), $thread, AxleKind::QuickRelease, Length::mm($bore)))->shortening->mm;
        self::assertGreaterThan($take('M10 × 1', 5), $take('M9 × 1', 5));
        self::assertGreaterThan($take('M10 × 1', 4), $take('M10 × 1', 5));
    }

    public function test_slots_are_a_step_apart_and_the_shim_brings_one_into_the_middle(): void
    {
        $this->limitTo(300)->forAll(Generators::elements('3/4-16', 'M20 × 1.5', 'M24 × 2', '1-14'), Generators::choose(4, 12), Generators::choose(1, 2), Generators::choose(0, 300))->then(static function (string $thread, int $slots, int $holes, int $offset): void {
            $result = (new TaperNut(Limits::standard()))->work(new TaperNutInput($thread, $slots, $holes, Reading::mm($offset / 1000, Instrument::DialGauge)));
            self::assertEqualsWithDelta(Thread::read($thread)->pitch->mm / $slots / $holes, $result->step->mm, 1e-9);
            foreach ($result->reachable as $i => $slot) {
                self::assertEqualsWithDelta($offset / 1000 + $i * $result->step->mm, $slot->endPlay->mm, 1e-9);
                self::assertSame($slot->endPlay->mm >= $result->bandLow->mm - 1e-9 && $slot->endPlay->mm <= $result->bandHigh->mm + 1e-9, $slot->inBand);
            }
            if ($result->shim === null) {
                self::assertTrue($result->reachable[$result->chosen ?? -1]->inBand);

                return;
            }
            self::assertGreaterThanOrEqual(0.0, $result->shim->mm);
            self::assertLessThan($result->step->mm + 1e-9, $result->shim->mm);
            $middle = ($result->bandLow->mm + $result->bandHigh->mm) / 2;
            $over = fmod($offset / 1000 - $result->shim->mm - $middle, $result->step->mm);
            self::assertEqualsWithDelta(0, min(abs($over), $result->step->mm - abs($over)), 1e-6);
        });
    }

    public function test_turning_the_wrench_back_by_its_adapter_gives_the_figure_at_the_bolt(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(5, 200), Generators::choose(150, 600), Generators::choose(10, 150), Generators::choose(0, 180))->then(static function (int $nm, int $length, int $adapter, int $turned): void {
            $set = (new TorqueSetting(Limits::standard()))->work(new TorqueInput(TorqueSource::Manual, Torque::newtonMetres($nm), wrenchLength: Length::mm($length), adapter: Length::mm($adapter), adapterAngle: Angle::degrees($turned)))->set;
            self::assertNotNull($set);
            $reach = ($length + $adapter * cos(deg2rad($turned))) / $length;
            self::assertEqualsWithDelta($nm, $set->newtonMetres * $reach, 1e-6);
            self::assertSame($turned < 90, $set->newtonMetres < $nm - 1e-9, 'an adapter that reaches further wants less');
        });
    }

    public function test_a_ceiling_grows_with_thread_and_grade_and_falls_with_grease(): void
    {
        $ceiling = static fn (string $thread, BoltGrade $grade, ThreadTreatment $treatment = ThreadTreatment::Dry): float => (new TorqueSetting(Limits::standard()))->work(new TorqueInput(TorqueSource::None, thread: $thread, grade: $grade, treatment: $treatment))->ceiling->newtonMetres ?? 0.0;
        foreach (BoltGrade::cases() as $grade) {
            $before = 0.0;
            foreach (['M5', 'M6', 'M8', 'M10', 'M12', 'M14', 'M16', 'M20', 'M24'] as $thread) {
                $now = $ceiling($thread, $grade);
                self::assertGreaterThan($before, $now);
                self::assertLessThan($now, $ceiling($thread, $grade, ThreadTreatment::AntiSeize));
                $before = $now;
            }
        }
    }

    public function test_no_more_washers_are_taken_than_lie_there(): void
    {
        $this->limitTo(150)->forAll(Generators::seq(Generators::choose(1, 40)), Generators::choose(0, 80))->then(static function (array $thick, int $length): void {
            $stock = array_values(array_map(static fn (int $tenths): WasherStock => new WasherStock(Length::mm($tenths / 10), 1 + $tenths % 3), array_slice($thick, 0, 4)));
            $taken = Washers::nearest($stock, $length / 10);
            self::assertLessThanOrEqual(6, count($taken));
            foreach (array_count_values(array_map(static fn (float $mm): string => sprintf('%.3f', $mm), $taken)) as $mm => $count) {
                $there = array_sum(array_map(static fn (WasherStock $w): int => sprintf('%.3f', $w->thickness->mm) === (string) $mm ? $w->count : 0, $stock));
                self::assertLessThanOrEqual($there, $count);
            }
            self::assertLessThanOrEqual($length / 10 + 1e-9, abs(array_sum($taken) - $length / 10), 'nothing is never worse than what is taken');
        });
    }

    public function test_washers_that_are_added_bring_the_float_into_its_band(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(8000, 9500))->then(static function (int $space): void {
            $stock = [new WasherStock(Length::mm(0.5), 6), new WasherStock(Length::mm(1.0), 6), new WasherStock(Length::mm(2.0), 6)];
            $result = (new AxleFloat(Limits::standard()))->work(new FloatInput(self::caliper($space / 100), self::caliper(78.4), null, $stock));
            if ($result->floatThen !== null) {
                self::assertGreaterThanOrEqual(0.2 - 1e-9, $result->floatThen->mm);
                self::assertLessThanOrEqual(0.8 + 1e-9, $result->floatThen->mm);
            }
            self::assertSame($space / 100 < 78.4 - 0.04, $result->verdict->headline->key === 'float.none');
        });
    }

    public function test_spacers_keep_their_sum_and_one_trial_is_enough(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(50, 200), Generators::choose(50, 200), Generators::choose(150, 300), Generators::choose(150, 300))->then(static function (int $l, int $r, int $left, int $right): void {
            $try = static fn (float $gl, float $gr, float $sl, float $sr) => (new WheelCentre(Limits::standard()))->work(new WheelCentreInput(gapLeft: self::caliper($gl), gapRight: self::caliper($gr), spacerLeft: Length::mm($sl), spacerRight: Length::mm($sr)));
            $told = $try($l / 10, $r / 10, $left / 10, $right / 10);
            self::assertEqualsWithDelta(($left + $right) / 10, $told->spacerLeft->mm + $told->spacerRight->mm, 1e-9);
            // A longer left spacer moves the rim to the right by as much: both gaps become the same.
            $moved = $told->spacerLeft->mm - $left / 10;
            self::assertEqualsWithDelta($l / 10 + $moved, $r / 10 - $moved, 1e-9);
        });
    }

    public function test_whatever_is_typed_is_read_or_refused_and_nothing_else(): void
    {
        $readers = [Thread::read(...), (new AngleText)->read(...), Meter::read(...), LookAgain::read(...)];
        $this->limitTo(2000)->forAll(Generators::string(), Generators::elements('', 'M', ' km', ' months', '1/', '-26', ' min', 'in ', '2027-', '×', "\0", '９', '٣'), Generators::choose(0, 3))->then(static function (string $noise, string $part, int $which) use ($readers): void {
            foreach ([$noise, $part.$noise, $noise.$part, $part.$part] as $typed) {
                try {
                    $readers[$which](mb_substr($typed, 0, 200));
                    self::assertGreaterThan(0, strlen($typed), 'nothing is not read as something');
                } catch (Nonsense $nonsense) {
                    self::assertNotSame('', $nonsense->getMessage());
                }
            }
        });
    }
}
