<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Setting\Cones\ConeCoach;
use CleanRace\Core\Setting\Cones\ConeCoachInput;
use CleanRace\Core\Setting\Cones\ConeCoachResult;
use CleanRace\Core\Setting\Cones\ConeFelt;
use CleanRace\Core\Setting\Cones\ConeHub;
use CleanRace\Core\Setting\Cones\ConeStage;
use CleanRace\Core\Setting\Cones\ConeTry;
use CleanRace\Core\Setting\Cones\LeverFeel;
use CleanRace\Core\Setting\Cones\LockShift;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** The coach: tries weighed together, the lock nut learnt, contradictions named, and no go for a hub that is not right. */
final class ConeCoachTest extends TestCase
{
    private static function try(
        float $mark,
        ConeStage $stage,
        ConeFelt $felt,
        ?float $rim = null,
        Instrument $by = Instrument::DigitalCaliper,
    ): ConeTry {
        return new ConeTry(Angle::degrees($mark), $stage, $felt, $rim === null ? null : Reading::mm($rim, $by));
    }

    /**
     * @param  list<ConeTry>  $tries
     * @param  list<LockShift>  $earlier
     */
    private static function coach(
        array $tries,
        AxleKind $axle = AxleKind::Solid,
        string $thread = 'M10 × 1',
        array $earlier = [],
        bool $none = false,
    ): ConeCoachResult {
        return (new ConeCoach(Limits::standard()))->work(
            new ConeCoachInput(
                Length::mm(290),
                Length::mm(52),
                Length::mm(21),
                $tries,
                $thread,
                $axle,
                Length::mm(5),
                noneOnTheBench: $none,
                earlier: $earlier,
            ),
        );
    }

    public function test_nothing_tried_yet(): void
    {
        $result = self::coach([]);
        self::assertSame(
            ['coach.first', Level::Care, 0],
            [$result->verdict->headline->key, $result->verdict->level, $result->lockings],
        );
        self::assertNull($result->set);
    }

    public function test_a_cone_that_binds_ever_looser_is_set_looser_still(): void
    {
        $binds = static fn (float $mark): ConeTry => self::try($mark, ConeStage::Open, ConeFelt::Binds);
        $set = self::coach([$binds(100), $binds(-20), $binds(-140)])->set?->degrees;
        self::assertLessThan(-150, $set);
        self::assertGreaterThan(-230, $set, 'and not by guess');
    }

    public function test_a_hub_with_a_lever_is_right_before_it_is_clamped_and_after(): void
    {
        $locked = self::try(0, ConeStage::Locked, ConeFelt::Trace, 0.3, Instrument::DialGauge);
        $clamped = self::try(0, ConeStage::Clamped, ConeFelt::None, 0.05, Instrument::DialGauge);
        $says = static fn (ConeTry ...$tries): ?string => self::coach(array_values($tries), AxleKind::QuickRelease)->verdict->next?->key;
        self::assertSame('coach.done.next', $says($locked, $clamped), 'the lever is closed: nothing is left to take up');
    }

    public function test_a_nut_that_tightens_by_half_a_degree_is_said_to_tighten(): void
    {
        $said = static fn (float $shift): string => English::of(
            self::coach(
                [self::try(0, ConeStage::Open, ConeFelt::Play, 1.2)],
                earlier: array_fill(0, 30, new LockShift(Angle::degrees($shift))),
            )->verdict->sentence,
        );
        self::assertStringContainsString('the nut moves it about 1° tighter', $said(0.6));
        self::assertStringContainsString('the nut moves it about 1° looser', $said(-0.6));
    }

    public function test_play_that_was_read_says_how_far_to_turn(): void
    {
        // 1.2 mm at the rim is 48° of play; the lock nut took 0.3 of it, 12°.
        $result = self::coach([
            self::try(0, ConeStage::Open, ConeFelt::Play, 1.2, Instrument::DialGauge),
            self::try(0, ConeStage::Locked, ConeFelt::Play, 0.9, Instrument::DialGauge),
        ]);
        self::assertSame('coach.turn', $result->verdict->headline->key);
        self::assertEqualsWithDelta(36 - 1.8, (float) $result->turn?->degrees, 4);
        self::assertEqualsWithDelta(12, $result->shift->degrees, 4);
        self::assertSame([null, 0.0], [$result->loosestTight, $result->tightestLoose?->degrees]);
    }

    public function test_three_tries_to_right(): void
    {
        $tries = [
            self::try(0, ConeStage::Open, ConeFelt::Play, 1.2, Instrument::DialGauge),
            self::try(0, ConeStage::Locked, ConeFelt::Play, 0.9, Instrument::DialGauge),
        ];
        $set = (float) self::coach($tries)->set?->degrees;
        $tries[] = self::try($set, ConeStage::Open, ConeFelt::Trace, 0.35, Instrument::DialGauge);
        self::assertSame('coach.lock', self::coach($tries)->verdict->headline->key);
        $tries[] = self::try($set, ConeStage::Locked, ConeFelt::None);
        $done = self::coach($tries);
        self::assertSame(
            ['coach.done', Level::Go, null, 2],
            [$done->verdict->headline->key, $done->verdict->level, $done->set, $done->lockings],
        );
    }

    public function test_a_lever_wants_a_trace_and_a_school_may_want_none(): void
    {
        $tries = [
            self::try(0, ConeStage::Open, ConeFelt::Play, 1.2, Instrument::DialGauge),
            self::try(0, ConeStage::Locked, ConeFelt::Play, 0.9, Instrument::DialGauge),
        ];
        $solid = (float) self::coach($tries)->set?->degrees;
        $lever = self::coach($tries, AxleKind::QuickRelease);
        self::assertEqualsWithDelta(0.22, $lever->leaveAtRim->mm, 0.01);
        self::assertEqualsWithDelta(8.9 - 1.8, $solid - (float) $lever->set?->degrees, 1.5, 'looser by what the lever takes');
        self::assertEqualsWithDelta($solid, (float) self::coach($tries, AxleKind::QuickRelease, none: true)->set?->degrees, 3);
    }

    public function test_turning_every_mark_turns_the_answer_and_nothing_else(): void
    {
        $tries = static fn (float $by): array => [
            self::try($by, ConeStage::Open, ConeFelt::Play, 0.8),
            self::try($by, ConeStage::Locked, ConeFelt::Trace, 0.4),
            self::try($by + 40, ConeStage::Locked, ConeFelt::Binds),
        ];
        $here = self::coach($tries(0));
        foreach ([-90.0, 33.0, 720.0] as $by) {
            $there = self::coach($tries($by));
            self::assertEqualsWithDelta((float) $here->set?->degrees + $by, (float) $there->set?->degrees, 0.6);
            self::assertEqualsWithDelta((float) $here->turn?->degrees, (float) $there->turn?->degrees, 0.6);
            self::assertSame($here->verdict->headline->key, $there->verdict->headline->key);
        }
        self::assertSame(40.0, $here->loosestTight?->degrees);
        self::assertEqualsWithDelta(
            -$here->shift->degrees,
            (float) $here->tightestLoose?->degrees,
            1e-9,
            'an open mark counts as it would end when locked',
        );
    }

    public function test_a_finer_thread_turns_further(): void
    {
        $tries = [self::try(0, ConeStage::Locked, ConeFelt::Play, 1.2, Instrument::DialGauge)];
        self::assertGreaterThan(
            (float) self::coach($tries, thread: '5/16-24')->turn?->degrees,
            (float) self::coach($tries)->turn?->degrees,
        );
    }

    public function test_grit_everywhere_is_no_setting(): void
    {
        $gritty = [self::try(0, ConeStage::Locked, ConeFelt::Gritty), self::try(-70, ConeStage::Locked, ConeFelt::Gritty)];
        self::assertSame(
            ['coach.grit', Level::Stop],
            [self::coach($gritty)->verdict->headline->key, self::coach($gritty)->verdict->level],
        );
        self::assertNotSame(
            'coach.grit',
            self::coach([...$gritty, self::try(-80, ConeStage::Locked, ConeFelt::Trace)])->verdict->headline->key,
            'smooth somewhere: it is the setting',
        );
        self::assertNotSame(
            'coach.grit',
            self::coach([$gritty[0], self::try(-20, ConeStage::Locked, ConeFelt::Gritty)])->verdict->headline->key,
            'too near to tell',
        );
    }

    public function test_a_try_that_cannot_be_is_named(): void
    {
        $result = self::coach([
            self::try(0, ConeStage::Locked, ConeFelt::Play, 1.0, Instrument::DialGauge),
            self::try(10, ConeStage::Locked, ConeFelt::Play, 0.75, Instrument::DialGauge),
            self::try(-30, ConeStage::Locked, ConeFelt::Binds),
            self::try(30, ConeStage::Locked, ConeFelt::Trace, 0.25, Instrument::DialGauge),
        ]);
        self::assertSame(3, $result->repeat);
        self::assertSame('coach.clash', $result->verdict->headline->key);
        self::assertStringContainsString('Try 3', $result->verdict->headline->inEnglish());
    }

    public function test_it_does_not_say_go_before_locking_nor_while_it_binds(): void
    {
        self::assertNotSame(Level::Go, self::coach([self::try(0, ConeStage::Open, ConeFelt::None)])->verdict->level);
        self::assertNotSame(Level::Go, self::coach([self::try(0, ConeStage::Locked, ConeFelt::Binds)])->verdict->level);
        self::assertNotSame(Level::Go, self::coach([self::try(0, ConeStage::Locked, ConeFelt::Play, 0.4)])->verdict->level);
    }

    public function test_the_shop_learns_what_its_lock_nuts_do(): void
    {
        $limits = Limits::standard();
        $hub = ConeHub::of(
            $limits,
            Length::mm(290),
            Length::mm(52),
            Length::mm(21),
            'M10 × 1',
            AxleKind::Solid,
            null,
            null,
            LeverFeel::Usual,
        );
        $shown = LockShift::shownBy($hub, [
            self::try(0, ConeStage::Open, ConeFelt::Play, 1.2),
            self::try(0, ConeStage::Locked, ConeFelt::Play, 0.7),
            self::try(30, ConeStage::Open, ConeFelt::Trace, 0.5),
            self::try(60, ConeStage::Locked, ConeFelt::None),
        ]);
        self::assertCount(1, $shown, 'the same mark, read before and after');
        self::assertEqualsWithDelta((0.5 / $hub->lever()) * 360, $shown[0]->shift->degrees, 0.01);
        self::assertSame($limits->get('cone.shift_deg'), LockShift::expected($limits, [])->mean);
        $six = LockShift::expected($limits, array_fill(0, 6, new LockShift(Angle::degrees(25))));
        self::assertEqualsWithDelta(25, $six->mean, 1e-9);
        self::assertLessThan(LockShift::expected($limits, [])->sigma, $six->sigma);
        $plain = self::coach([self::try(0, ConeStage::Open, ConeFelt::Play, 1.2)]);
        $taught = self::coach(
            [self::try(0, ConeStage::Open, ConeFelt::Play, 1.2)],
            earlier: array_fill(0, 6, new LockShift(Angle::degrees(30))),
        );
        self::assertGreaterThan((float) $taught->turn?->degrees + 10, (float) $plain->turn?->degrees, 'it aims off by more');
    }

    public function test_more_than_twenty_tries_are_refused(): void
    {
        $this->expectException(InvalidInput::class);
        self::coach(array_fill(0, 21, self::try(0, ConeStage::Open, ConeFelt::Play)));
    }

    public function test_smooth_and_without_play_in_the_frame_is_the_goal_and_outweighs_what_was_felt_before(): void
    {
        $before = [
            self::try(0, ConeStage::Open, ConeFelt::Play, 1.2),
            self::try(30, ConeStage::Locked, ConeFelt::Binds),
            self::try(28, ConeStage::Locked, ConeFelt::Play, 0.6),
        ];
        $clamped = self::coach([...$before, self::try(30, ConeStage::Clamped, ConeFelt::None)]);
        self::assertSame(Level::Go, $clamped->verdict->level, $clamped->verdict->headline->inEnglish());
        self::assertNull($clamped->set);
        self::assertNull($clamped->repeat);
        $binds = self::coach([...$before, self::try(30, ConeStage::Clamped, ConeFelt::Binds)]);
        self::assertNotSame(Level::Go, $binds->verdict->level);
    }
}
