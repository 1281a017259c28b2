<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting;

use CleanRace\Core\Catalogue\BoltGrade;
use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
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
use CleanRace\Core\Setting\Float\FloatResult;
use CleanRace\Core\Setting\Float\Washers;
use CleanRace\Core\Setting\Float\WasherStock;
use CleanRace\Core\Setting\Float\WheelCentre;
use CleanRace\Core\Setting\Float\WheelCentreInput;
use CleanRace\Core\Setting\Tapers\NutSlot;
use CleanRace\Core\Setting\Tapers\TaperFeel;
use CleanRace\Core\Setting\Tapers\TaperNut;
use CleanRace\Core\Setting\Tapers\TaperNutInput;
use CleanRace\Core\Setting\Torque\ThreadTreatment;
use CleanRace\Core\Setting\Torque\TorqueInput;
use CleanRace\Core\Setting\Torque\TorqueSetting;
use CleanRace\Core\Setting\Torque\TorqueSource;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Threads, balls, cones, tapers, washers, spacers, torques: the arithmetic of setting. */
final class SettingTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    /** @return iterable<string, array{string, string, float, float}> as typed, name, diameter, pitch */
    public static function threads(): iterable
    {
        yield 'fine' => ['m10x1', 'M10 × 1', 10, 1];
        yield 'coarse by its size alone' => ['M16', 'M16', 16, 2];
        yield 'coarse, written out' => ['M16 × 2', 'M16', 16, 2];
        yield 'a comma' => ['M12×1,5', 'M12 × 1.5', 12, 1.5];
        yield 'no M' => ['9 x 1', 'M9 × 1', 9, 1];
        yield 'inch' => ['3/8-26', '3/8-26', 9.525, 25.4 / 26];
        yield 'inch with its name' => ['5/16 x 24 UNF', '5/16-24', 7.9375, 25.4 / 24];
        yield 'more than an inch' => ['1 1/8-12', '1 1/8-12', 28.575, 25.4 / 12];
        yield 'more than an inch, with a dash' => ['1-1/8-12', '1 1/8-12', 28.575, 25.4 / 12];
        yield 'a whole inch' => ['1-14', '1-14', 25.4, 25.4 / 14];
    }

    #[DataProvider('threads')]
    public function test_threads_are_read_as_people_write_them(string $typed, string $name, float $diameter, float $pitch): void
    {
        $thread = Thread::read($typed);
        self::assertSame($name, $thread->text);
        self::assertEqualsWithDelta($diameter, $thread->diameter->mm, 1e-9);
        self::assertEqualsWithDelta($pitch, $thread->pitch->mm, 1e-9);
        self::assertSame($name, Thread::read($thread->text)->text, 'what it writes it reads');
        self::assertLessThan(M_PI / 4 * $diameter ** 2, $thread->stressArea());
        self::assertGreaterThan(M_PI / 4 * $thread->root()->mm ** 2 * 0.95, $thread->stressArea());
    }

    public function test_what_is_no_thread_is_said(): void
    {
        foreach (['', 'M', 'bolt', 'M10x9', '3/8', 'M9', '0-26', str_repeat('9', 60)] as $typed) {
            try {
                Thread::read($typed);
                self::fail("$typed was read");
            } catch (Nonsense $nonsense) {
                self::assertNotSame('', $nonsense->getMessage());
            }
        }
        self::assertEqualsWithDelta(8.77, Thread::read('M10x1')->root()->mm, 0.005);
    }

    /** @return iterable<string, array{string, ?float}> */
    public static function turns(): iterable
    {
        yield 'degrees' => ['45', 45.0];
        yield 'with a sign' => ['45°', 45.0];
        yield 'minutes of a clock' => ['8 min', 48.0];
        yield 'a share of a turn' => ['1/4 turn', 90.0];
        yield 'flats' => ['1,5 flats', 90.0];
        yield 'back' => ['-30', -30.0];
        yield 'words' => ['a bit', null];
        yield 'by nothing' => ['1/0 turn', null];
        yield 'too far' => ['40 turns', null];
    }

    #[DataProvider('turns')]
    public function test_turns_are_read(string $typed, ?float $degrees): void
    {
        if ($degrees === null) {
            $this->expectException(Nonsense::class);
        }
        self::assertEqualsWithDelta((float) $degrees, (new AngleText)->read($typed)->degrees, 1e-9);
    }

    /** @return iterable<string, array{float, ?int, int, int, string, Level}> circle, found, side by side, taken, key, level; all with 1/4 in */
    public static function balls(): iterable
    {
        yield 'worked figure' => [21.0, null, 10, 10, 'cup_balls.take', Level::Go];
        yield 'they jam: one fewer' => [20.6, null, 10, 9, 'cup_balls.take', Level::Go];
        yield 'as came out' => [21.0, 10, 10, 10, 'cup_balls.same', Level::Go];
        yield 'one too many' => [21.0, 11, 10, 10, 'cup_balls.many', Level::Stop];
        yield 'one short' => [21.0, 9, 10, 10, 'cup_balls.short', Level::Care];
        yield 'a cage' => [21.0, 7, 10, 10, 'cup_balls.few', Level::Care];
        yield 'on the edge of two counts' => [20.735, null, 10, 9, 'cup_balls.or', Level::Care];
        yield 'the edge, and one of them came out' => [20.735, 10, 10, 9, 'cup_balls.near', Level::Care];
    }

    #[DataProvider('balls')]
    public function test_balls_in_a_cup(float $circle, ?int $found, int $fit, int $take, string $key, Level $level): void
    {
        $result = (new BallsInCup(Limits::standard()))->work(new BallsInCupInput(self::caliper($circle), Length::mm(6.35), $found));
        self::assertSame([$fit, $take, $key, $level], [$result->fit, $result->take, $result->verdict->headline->key, $result->verdict->level]);
        self::assertEqualsWithDelta(360.0, $result->fit * $result->each->degrees + rad2deg(2 * $result->freeWhenFull->mm / $circle), 0.01, 'balls and what is free make the whole circle');
    }

    public function test_the_arc_that_stays_free(): void
    {
        $free = static fn (float $circle): float => (new BallsInCup(Limits::standard()))->work(new BallsInCupInput(self::caliper($circle), Length::mm(6.35)))->freeWhenFull->mm;
        self::assertEqualsWithDelta(1.46, $free(21.0), 0.005);
        self::assertEqualsWithDelta(0.17, $free(20.6), 0.005);
        $this->expectException(Nonsense::class);
        new BallsInCupInput(self::caliper(10), Length::mm(6));
    }

    public function test_an_axle_goes_to_the_middle_or_where_it_was(): void
    {
        $work = static fn (AxleEndsInput $input) => (new AxleEnds(Limits::standard()))->work($input);
        $moved = $work(new AxleEndsInput(self::caliper(4.2), self::caliper(6.6)));
        self::assertEqualsWithDelta([-1.2, 1.2, 5.4, 5.4], [$moved->move->mm, $moved->turns, $moved->wantLeft->mm, $moved->wantRight->mm], 1e-9);
        self::assertSame('axle_ends.move', $moved->verdict->headline->key);
        $before = $work(new AxleEndsInput(self::caliper(4.2), self::caliper(6.6), beforeLeft: Length::mm(4.0), beforeRight: Length::mm(6.4)));
        self::assertSame(['axle_ends.as_before', Level::Go], [$before->verdict->headline->key, $before->verdict->level], 'unlike before stays unlike');
        $fine = $work(new AxleEndsInput(self::caliper(6.9), self::caliper(6.9), dropout: Length::mm(7)));
        self::assertSame(Level::Go, $fine->verdict->level, 'nuts do not mind');
        $long = $work(new AxleEndsInput(self::caliper(6.9), self::caliper(6.9), dropout: Length::mm(7), quickRelease: true));
        self::assertSame(['axle_ends.long', Level::Stop], [$long->verdict->headline->key, $long->verdict->level]);
        $inch = $work(new AxleEndsInput(self::caliper(5), self::caliper(3), '3/8-26'));
        self::assertEqualsWithDelta(26 / 25.4, $inch->turns, 1e-6);
        $this->expectException(Nonsense::class);
        new AxleEndsInput(self::caliper(4), self::caliper(4), beforeLeft: Length::mm(3));
    }

    public function test_rim_play_as_cone_turn_and_what_a_lever_takes(): void
    {
        $result = (new ConePlay(Limits::standard()))->work(new ConePlayInput(self::caliper(1.2), Length::mm(290), Length::mm(52), Length::mm(21), 'M10 × 1', AxleKind::QuickRelease, Length::mm(5)));
        self::assertEqualsWithDelta(0.134, $result->endPlay->mm, 0.0005);
        self::assertEqualsWithDelta(48.3, $result->coneTurn->degrees, 0.1);
        self::assertEqualsWithDelta(48.3 / 60, $result->flats, 0.01);
        self::assertEqualsWithDelta(48.3 / 6, $result->minutes, 0.1);
        self::assertEqualsWithDelta(0.025, $result->shortening->mm, 0.0005);
        self::assertEqualsWithDelta(9, $result->shorteningTurn->degrees, 0.2);
        self::assertSame('cone_play.tighter', $result->verdict->headline->key);

        $of = static fn (float $rim, AxleKind $axle): string => (new ConePlay(Limits::standard()))->work(new ConePlayInput(self::caliper($rim), Length::mm(290), Length::mm(52), Length::mm(21), 'M10 × 1', $axle, Length::mm(5)))->verdict->headline->key;
        self::assertSame('cone_play.lever', $of(0.2, AxleKind::QuickRelease));
        self::assertSame('cone_play.right', $of(0.1, AxleKind::Solid));
        self::assertSame('cone_play.looser', (new ConePlay(Limits::standard()))->work(new ConePlayInput(self::caliper(0), Length::mm(290), Length::mm(52), Length::mm(21), '5/16-24', AxleKind::QuickRelease, Length::mm(5)))->verdict->headline->key, 'a thin axle gives more');
        self::assertEqualsWithDelta(48.3 / 25.4 * 26, (new ConePlay(Limits::standard()))->work(new ConePlayInput(self::caliper(1.2), Length::mm(290), Length::mm(52), Length::mm(21), '3/8-26'))->coneTurn->degrees, 0.2);
        $this->expectException(Nonsense::class);
        (new ConePlay(Limits::standard()))->work(new ConePlayInput(self::caliper(1), Length::mm(290), Length::mm(52), Length::mm(21), '5/16-24', AxleKind::QuickRelease, Length::mm(6)));
    }

    /** @return iterable<string, array{TaperNutInput, string, Level}> */
    public static function nuts(): iterable
    {
        $at = static fn (float $offset, int $holes = 1): TaperNutInput => new TaperNutInput('3/4-16', 6, $holes, Reading::mm($offset, Instrument::DialGauge));
        yield 'one hole, none serves' => [$at(0.200), 'taper.shim', Level::Care];
        yield 'two holes, none serves' => [$at(0.010, 2), 'taper.shim', Level::Care];
        yield 'first slot' => [$at(0.060), 'taper.slot', Level::Go];
        yield 'the manual wants more' => [new TaperNutInput('3/4-16', offset: Reading::mm(0.06, Instrument::DialGauge), bandLow: Length::mm(0.2), bandHigh: Length::mm(0.4)), 'taper.slot', Level::Go];
        $dial = static fn (float $mm): TaperNutInput => new TaperNutInput('3/4-16', dial: Reading::mm($mm, Instrument::DialGauge));
        yield 'dial, right' => [$dial(0.07), 'taper.dial', Level::Go];
        yield 'dial, loose' => [$dial(0.2), 'taper.loose', Level::Stop];
        yield 'dial, tight' => [$dial(0.0), 'taper.tight', Level::Stop];
        yield 'dial, at the edge' => [$dial(0.125), 'taper.edge', Level::Care];
        yield 'felt' => [new TaperNutInput('3/4-16', feel: TaperFeel::Free), 'taper.felt', Level::Go];
        yield 'plain play' => [new TaperNutInput('3/4-16', feel: TaperFeel::Play), 'taper.play', Level::Care];
        yield 'drags, whatever the dial says' => [new TaperNutInput('3/4-16', dial: Reading::mm(0.07, Instrument::DialGauge), feel: TaperFeel::Drags), 'taper.drags', Level::Stop];
    }

    #[DataProvider('nuts')]
    public function test_a_castle_nut(TaperNutInput $input, string $key, Level $level): void
    {
        $result = (new TaperNut(Limits::standard()))->work($input);
        self::assertSame([$key, $level], [$result->verdict->headline->key, $result->verdict->level]);
        $chosen = $result->chosen === null ? null : $result->reachable[$result->chosen];
        self::assertTrue($chosen === null || ($chosen->endPlay->mm >= $result->bandLow->mm && $chosen->endPlay->mm <= $result->bandHigh->mm));
    }

    public function test_slots_and_shims_of_the_worked_figures(): void
    {
        $one = (new TaperNut(Limits::standard()))->work(new TaperNutInput('3/4-16', 6, 1, Reading::mm(0.2, Instrument::DialGauge)));
        self::assertEqualsWithDelta([0.265, 0.125], [$one->step->mm, $one->shim?->mm], 0.0005);
        $two = (new TaperNut(Limits::standard()))->work(new TaperNutInput('3/4-16', 6, 2, Reading::mm(0.01, Instrument::DialGauge)));
        self::assertEqualsWithDelta([0.132, 0.067], [$two->step->mm, $two->shim?->mm], 0.0005);
        self::assertEqualsWithDelta([0.010, 0.142], array_map(static fn (NutSlot $s): float => $s->endPlay->mm, array_slice($two->reachable, 0, 2)), 0.0005);
        self::assertSame([false, false], array_map(static fn (NutSlot $s): bool => $s->inBand, array_slice($two->reachable, 0, 2)));
        // With the shim in, a slot meets the middle of the band; a turn back says the same as a play.
        self::assertEqualsWithDelta(0.075, $two->reachable[1]->endPlay->mm - (float) $two->shim?->mm, 0.0005);
        $turned = (new TaperNut(Limits::standard()))->work(new TaperNutInput('3/4-16', backedOff: Angle::degrees(0.2 / 1.5875 * 360)));
        self::assertEqualsWithDelta(0.2, $turned->reachable[0]->endPlay->mm, 1e-9);
        foreach ([['3/4-16', [], 'backed_off_deg'], ['3/4-16', ['feel' => TaperFeel::Free, 'bandLow' => Length::mm(0.1)], 'band_low_mm'], ['3/4-16', ['feel' => TaperFeel::Free, 'bandLow' => Length::mm(0.2), 'bandHigh' => Length::mm(0.1)], 'band_high_mm']] as [$thread, $more, $field]) {
            try {
                new TaperNutInput($thread, ...$more);
                self::fail('That was taken.');
            } catch (Nonsense $nonsense) {
                self::assertSame($field, $nonsense->field);
            }
        }
    }

    /** @param  list<WasherStock>  $washers */
    private static function float(float $space, array $washers = [], bool $both = true): FloatResult
    {
        return (new AxleFloat(Limits::standard()))->work(new FloatInput(self::caliper($space), self::caliper(78.4), self::caliper(4.0), $washers, $both));
    }

    public function test_float_and_the_washers_for_it(): void
    {
        $stock = [new WasherStock(Length::mm(0.5), 4), new WasherStock(Length::mm(1.0), 2)];
        $work = self::float(...);
        $loose = $work(84.6, $stock);
        self::assertSame(['float.add', ['1 mm', '0.5 mm']], [$loose->verdict->headline->key, $loose->add]);
        self::assertEqualsWithDelta([2.2, 0.7], [$loose->float->mm, $loose->floatThen?->mm], 1e-9);
        $keys = array_map(static fn (array $one): string => $work(...$one)->verdict->headline->key, [[84.6], [82.9], [82.5], [82.2], [82.9, [], false], [83.2]]);
        self::assertSame(['float.loose', 'float.right', 'float.tight', 'float.none', 'float.both', 'float.near'], $keys);
        self::assertSame([2.0, 1.5], Washers::nearest([new WasherStock(Length::mm(2.0)), new WasherStock(Length::mm(1.5), 2)], 3.4));
        self::assertSame([], Washers::nearest([new WasherStock(Length::mm(2.0))], 0.6, 0.3, 0.9), 'none is better than a wrong one');
    }

    public function test_spacers_put_the_rim_in_the_middle(): void
    {
        $work = static fn (WheelCentreInput $input) => (new WheelCentre(Limits::standard()))->work($input);
        $measured = $work(new WheelCentreInput(self::caliper(100), self::caliper(36), self::caliper(30)));
        self::assertEqualsWithDelta([14.0, 20.0], [$measured->spacerLeft->mm, $measured->spacerRight->mm], 1e-9);
        $right = $work(new WheelCentreInput(self::caliper(100), self::caliper(36), self::caliper(30), Length::mm(2)));
        self::assertEqualsWithDelta([16.0, 18.0], [$right->spacerLeft->mm, $right->spacerRight->mm], 1e-9, 'a longer left spacer moves the rim right');
        $tried = $work(new WheelCentreInput(gapLeft: Reading::mm(14, Instrument::SteelRule), gapRight: Reading::mm(10, Instrument::SteelRule), spacerLeft: Length::mm(12), spacerRight: Length::mm(8), washers: [new WasherStock(Length::mm(10), 2)]));
        self::assertEqualsWithDelta([2.0, 10.0, 10.0], [$tried->rimOffset->mm, $tried->spacerLeft->mm, $tried->spacerRight->mm], 1e-9, 'a wider gap on the left: the rim stands to the right, so it goes left');
        self::assertSame([['10 mm'], ['10 mm']], [$tried->stackLeft, $tried->stackRight]);
        // Trying the result in: both gaps are the same then.
        $again = $work(new WheelCentreInput(gapLeft: Reading::mm(12, Instrument::SteelRule), gapRight: Reading::mm(12, Instrument::SteelRule), spacerLeft: $tried->spacerLeft, spacerRight: $tried->spacerRight));
        self::assertSame(['centre.right', Level::Go], [$again->verdict->headline->key, $again->verdict->level]);
        $wide = $work(new WheelCentreInput(self::caliper(100), self::caliper(53), self::caliper(30)));
        self::assertSame(['centre.wide', Level::Stop], [$wide->verdict->headline->key, $wide->verdict->level]);
        self::assertStringContainsString('left side is 3.00 mm', $wide->verdict->headline->inEnglish());
        $this->expectException(Nonsense::class);
        new WheelCentreInput(self::caliper(100), self::caliper(36));
    }

    /** @return iterable<string, array{TorqueInput, string, Level, ?float}> input, key, level, setting */
    public static function torques(): iterable
    {
        $nm = Torque::newtonMetres(...);
        yield 'as it is' => [new TorqueInput(TorqueSource::Manual, $nm(45), 'M10'), 'torque.set', Level::Go, 45.0];
        yield 'an adapter in line' => [new TorqueInput(TorqueSource::Manual, $nm(45), wrenchLength: Length::mm(380), adapter: Length::mm(60)), 'torque.to', Level::Go, 45 * 380 / 440];
        yield 'an adapter square to it changes nothing' => [new TorqueInput(TorqueSource::Manual, $nm(45), wrenchLength: Length::mm(380), adapter: Length::mm(60), adapterAngle: Angle::degrees(90)), 'torque.set', Level::Go, 45.0];
        yield 'an adapter turned back' => [new TorqueInput(TorqueSource::Manual, $nm(45), wrenchLength: Length::mm(380), adapter: Length::mm(60), adapterAngle: Angle::degrees(180)), 'torque.to', Level::Go, 45 * 380 / 320];
        yield 'beyond the thread' => [new TorqueInput(TorqueSource::Manual, $nm(51), 'M10', BoltGrade::G88), 'torque.over', Level::Stop, 51.0];
        yield 'beyond the thread only when greased' => [new TorqueInput(TorqueSource::Manual, $nm(45), 'M10', BoltGrade::G88, ThreadTreatment::AntiSeize), 'torque.over', Level::Stop, 45.0];
        yield 'a wrench too large' => [new TorqueInput(TorqueSource::Manual, $nm(15), wrenchLeast: $nm(20), wrenchMost: $nm(100)), 'torque.range', Level::Care, 15.0];
        yield 'a wrench too small' => [new TorqueInput(TorqueSource::Shop, $nm(120), wrenchLeast: $nm(20), wrenchMost: $nm(100)), 'torque.range', Level::Care, 120.0];
        yield 'none found, the thread known' => [new TorqueInput(TorqueSource::None, thread: 'M10'), 'torque.bound', Level::Go, null];
        yield 'none found' => [new TorqueInput(TorqueSource::None), 'torque.none', Level::Go, null];
    }

    #[DataProvider('torques')]
    public function test_torques(TorqueInput $input, string $key, Level $level, ?float $set): void
    {
        $result = (new TorqueSetting(Limits::standard()))->work($input);
        self::assertSame([$key, $level], [$result->verdict->headline->key, $result->verdict->level]);
        self::assertEqualsWithDelta($set ?? 0.0, $result->set->newtonMetres ?? 0.0, 1e-6);
    }

    public function test_a_ceiling_is_of_the_thread_and_its_grade(): void
    {
        $ceiling = static fn (string $thread, BoltGrade $grade): float => (new TorqueSetting(Limits::standard()))->work(new TorqueInput(TorqueSource::None, thread: $thread, grade: $grade))->ceiling->newtonMetres ?? 0.0;
        self::assertEqualsWithDelta(50.5, $ceiling('M10', BoltGrade::G88), 0.1);
        $grades = [BoltGrade::G46, BoltGrade::G58, BoltGrade::G88, BoltGrade::G109, BoltGrade::G129];
        $rising = array_map(static fn (BoltGrade $g): float => $ceiling('M8', $g), $grades);
        $sorted = $rising;
        sort($sorted);
        self::assertSame($sorted, $rising);
        self::assertGreaterThan($ceiling('M10', BoltGrade::G88), $ceiling('M10 × 1', BoltGrade::G88), 'a fine thread carries more');
        $why = (new TorqueSetting(Limits::standard()))->work(new TorqueInput(TorqueSource::Manual, Torque::newtonMetres(40), treatment: ThreadTreatment::AntiSeize))->verdict->why;
        self::assertStringContainsString('30.0 N·m', implode(' ', array_map(static fn (Message $m): string => $m->inEnglish(), $why)));
        foreach ([['torque_nm', [TorqueSource::Manual]], ['wrench_length_mm', [TorqueSource::Manual, Torque::newtonMetres(5), null, null, ThreadTreatment::Dry, null, null, null, Length::mm(50)]]] as [$field, $given]) {
            try {
                new TorqueInput(...$given);
                self::fail('That was taken.');
            } catch (Nonsense $nonsense) {
                self::assertSame($field, $nonsense->field);
            }
        }
    }
}
