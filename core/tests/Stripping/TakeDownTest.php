<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Stripping;

use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Stripping\Condition;
use CleanRace\Core\Stripping\Extraction;
use CleanRace\Core\Stripping\Heat;
use CleanRace\Core\Stripping\PlanChange;
use CleanRace\Core\Stripping\PlannedStep;
use CleanRace\Core\Stripping\Strip;
use CleanRace\Core\Stripping\TakeDown;
use CleanRace\Core\Stripping\Ways;
use CleanRace\Core\Tests\English;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Take-down plans: what comes off before what, by condition, school, tools and habit. */
final class TakeDownTest extends TestCase
{
    use TakenDown;

    /**
     * @param  list<PlannedStep>  $plan
     * @return list<string> ids of parts in the order in which they come off
     */
    private static function order(array $plan): array
    {
        $order = [];
        foreach ($plan as $planned) {
            foreach ($planned->step->asks as $ask) {
                if ($ask->kind === AskKind::Part) {
                    $order[] = substr($ask->place, strlen('part.'));
                }
            }
        }

        return $order;
    }

    /**
     * @param  list<PlannedStep>  $plan
     * @return list<string>
     */
    private static function ids(array $plan): array
    {
        return array_map(static fn (PlannedStep $p): string => $p->step->id, $plan);
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    /**
     * Said apart from the planner: what a person would object to.
     *
     * @param  list<string>  $order
     */
    private static function assertReachable(Stack $stack, array $order, string $of): void
    {
        $at = array_flip($order);
        $line = $stack->line();
        $rows = array_values(array_filter($line, static fn (Part $p): bool => $p->kind->lane() === Lane::Both));
        $sleeve = $stack->find('sleeve');
        if ($sleeve !== null && count($rows) > 1) {
            $i = (int) array_search($sleeve, $line, true);
            $beside = array_filter($rows, static fn (Part $p): bool => abs((int) array_search($p, $line, true) - $i) <= 2);
            if (count($beside) > 1) {
                self::assertLessThan(
                    $at['sleeve'],
                    min(array_map(static fn (Part $p): int => $at[$p->id], $beside)),
                    "$of: a spacer tube leaves after one of its bearings",
                );
            }
        }
        foreach ($line as $i => $part) {
            $outside = $part->side === Side::Right ? array_slice($line, $i + 1) : array_slice($line, 0, $i);
            foreach ($outside as $other) {
                $ring =
                    in_array($other->kind, [PartKind::SnapRing, PartKind::Seal, PartKind::RingNut], true) &&
                    $part->kind->lane() === Lane::Both;
                $nut =
                    in_array($other->kind, [PartKind::LockNut, PartKind::CastleNut, PartKind::HubFlange, PartKind::Washer], true) &&
                    ($part->kind->lane() === Lane::Axle || $part->kind->lane() === Lane::Both);
                if (($ring || $nut) && $other->side === $part->side && $part->side !== Side::Middle) {
                    self::assertLessThanOrEqual($at[$part->id], $at[$other->id], "$of: {$other->name} before {$part->name}");
                }
            }
        }
    }

    #[DataProvider('patterns')]
    public function test_every_part_comes_off_once_and_only_when_it_can_be_reached(Pattern $pattern): void
    {
        foreach (Extraction::cases() as $way) {
            foreach (
                [[], ...array_map(static fn (Condition $c): array => [$c], Condition::cases()), Condition::cases()] as $conditions
            ) {
                foreach (Heat::cases() as $heat) {
                    $bench = self::bench($pattern->id());
                    $plan = TakeDown::plan($bench, new Ways($conditions, $way, $heat));
                    $order = self::order($plan);
                    $parts = array_map(
                        static fn (Part $p): string => $p->id,
                        array_filter(
                            $bench->hub->stack->parts,
                            static fn (Part $p): bool => ! in_array($p->kind, [PartKind::Housing, PartKind::Nipple], true),
                        ),
                    );
                    self::assertEqualsCanonicalizing(array_values($parts), $order);
                    self::assertReachable($bench->hub->stack, $order, $pattern->id());
                    self::assertSame(count($plan), count(array_unique(self::ids($plan))), 'each step has a name of its own');
                    self::assertSame('strip.safe', self::ids($plan)[0]);
                }
            }
        }
    }

    public function test_a_hub_that_was_changed_still_comes_apart_in_an_order_that_works(): void
    {
        $kinds = [
            PartKind::Seal,
            PartKind::SnapRing,
            PartKind::Spacer,
            PartKind::Washer,
            PartKind::Bearing,
            PartKind::DustCap,
            PartKind::LockNut,
        ];
        $patterns = array_keys(HubPatterns::all());
        $this->limitTo(120)
            ->forAll(
                Generators::choose(0, count($patterns) - 1),
                Generators::choose(0, 200),
                Generators::choose(0, count($kinds) - 1),
                Generators::choose(-3, 3),
            )
            ->then(function (int $pattern, int $which, int $kind, int $by) use ($patterns, $kinds): void {
                $line = self::bench($patterns[$pattern])->hub->stack->line();
                $edits = [
                    ['do' => 'add', 'kind' => $kinds[$kind]->value, 'after' => $line[$which % count($line)]->id],
                    ['do' => 'move', 'part' => $line[($which + 3) % count($line)]->id, 'by' => $by === 0 ? 1 : $by],
                ];
                $bench = self::bench($patterns[$pattern], ['hub.edits' => ['edits' => $edits, 'undone' => 0]]);
                $order = self::order(TakeDown::plan($bench, Ways::of($bench)));
                $parts = array_map(
                    static fn (Part $p): string => $p->id,
                    array_filter(
                        $bench->hub->stack->parts,
                        static fn (Part $p): bool => ! in_array($p->kind, [PartKind::Housing, PartKind::Nipple], true),
                    ),
                );
                self::assertEqualsCanonicalizing(array_values($parts), $order);
                $sleeve = $bench->hub->stack->find('sleeve');
                $after = $bench->hub->stack->line();
                $places = array_map(static fn (Part $p): int => (int) array_search($p, $after, true), $bench->hub->stack->cartridges());
                $place = $sleeve === null ? -1 : (int) array_search($sleeve, $after, true);
                if ($sleeve !== null && count($places) > 1 && min($places) < $place && $place < max($places)) {
                    $at = array_flip($order);
                    $before = array_filter($bench->hub->stack->cartridges(), static fn (Part $p): bool => $at[$p->id] < $at['sleeve']);
                    self::assertNotSame([], $before, 'a spacer tube leaves after one of its bearings');
                }
            });
    }

    /** @return iterable<string, array{string, list<Condition>, string, string}> pattern, condition, step that comes in, before which */
    public static function conditions(): iterable
    {
        yield 'soak before turning' => ['pair-sleeve', [Condition::Corroded], 'strip.soak', 'strip.axle'];
        yield 'a seized shaft is freed first' => ['live-carrier', [Condition::Seized], 'strip.seized', 'strip.axle'];
        yield 'balls are counted first' => ['spindle', [Condition::Burst], 'strip.burst', 'strip.bearing_left'];
        yield 'and the ring given a hold' => ['spindle', [Condition::Burst], 'strip.burst_out', 'strip.bearing_left'];
        yield 'the last ball is hunted' => ['spindle', [Condition::Burst], 'strip.last_ball', ''];
        yield 'joints parted before the press' => ['knuckle-wide', [Condition::Joints], 'strip.joints', 'strip.bearing'];
    }

    /** @param  list<Condition>  $conditions */
    #[DataProvider('conditions')]
    public function test_the_condition_changes_the_plan(string $pattern, array $conditions, string $step, string $before): void
    {
        $with = self::ids(TakeDown::plan(self::bench($pattern), new Ways($conditions, Extraction::Drift, Heat::Cold)));
        self::assertNotContains($step, self::ids(TakeDown::plan(self::bench($pattern), new Ways([], Extraction::Drift, Heat::Cold))));
        self::assertContains($step, $with);
        if ($before !== '') {
            self::assertLessThan(array_search($before, $with, true), array_search($step, $with, true));
        }
    }

    public function test_plastic_gets_hot_water_and_no_gun(): void
    {
        $plan = TakeDown::plan(self::bench('single-ring'), new Ways([Condition::Plastic], Extraction::Press, Heat::Warm));
        $warm = array_values(array_filter($plan, static fn (PlannedStep $p): bool => $p->step->id === 'strip.warm'))[0];
        self::assertStringContainsString('water', (string) $warm->step->title->inEnglish());
        self::assertSame([], $warm->needs);
        self::assertNotNull($warm->step->caution);
    }

    public function test_a_corroded_fit_is_warmed_whatever_the_habit(): void
    {
        $bench = self::bench(
            'pair-sleeve',
            ['strip.condition' => ['choices' => ['corroded']]],
            habits: ['heat' => 'cold', 'extraction' => 'puller'],
        );
        self::assertSame([Heat::Warm, Extraction::Puller], [Ways::of($bench)->heat, Ways::of($bench)->extraction]);
        $said = self::bench('pair-sleeve', ['strip.condition' => ['choices' => ['corroded']], 'strip.heat' => ['choice' => 'cold']]);
        self::assertSame(Heat::Cold, Ways::of($said)->heat, 'what is said for this job goes first');
    }

    public function test_another_school_rewrites_the_plan_and_says_what_changes(): void
    {
        $bench = self::bench('pair-sleeve');
        $drift = TakeDown::plan($bench, new Ways([], Extraction::Drift, Heat::Cold));
        $puller = TakeDown::plan($bench, new Ways([], Extraction::Puller, Heat::Warm));
        $change = PlanChange::between($drift, $puller);
        self::assertSame(['Warm the hub'], array_map(English::of(...), $change->added));
        self::assertSame(['Push the spacer tube aside'], array_map(English::of(...), $change->dropped));
        self::assertContains('Right bearing out', array_map(English::of(...), $change->otherwise));
        self::assertGreaterThan(0, $change->minutes);
        self::assertSame([], PlanChange::between($drift, $drift)->messages());
        $report = (new Strip(self::bench('pair-sleeve', ['strip.way' => ['choice' => 'puller']])))->report();
        self::assertStringContainsString(
            'push the spacer tube aside',
            implode(' ', array_map(static fn ($m): string => $m->inEnglish(), $report->steps[0]->verdicts[0]->why)),
        );
    }

    public function test_hands_and_waits_are_told_apart(): void
    {
        $report = (new Strip(self::bench('pair-sleeve', ['strip.condition' => ['choices' => ['corroded']]])))->report();
        self::assertStringContainsString('waiting', $report->steps[0]->verdicts[0]->sentence->inEnglish());
        $soak = array_values(array_filter($report->steps, static fn ($s): bool => $s->id === 'strip.soak'))[0];
        self::assertGreaterThan($soak->handMinutes, $soak->waitMinutes);
    }

    public function test_every_step_that_can_hurt_says_so_once(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $plan = TakeDown::plan(self::bench($id), new Ways(Condition::cases(), Extraction::Drift, Heat::Warm));
            foreach ($plan as $planned) {
                $words = $planned->step->detail?->inEnglish().' '.$planned->step->tool?->inEnglish();
                if (preg_match('/slide hammer|Hot-air|grind|punch, hammer/i', $words) === 1) {
                    self::assertNotNull($planned->step->caution, "$id: {$planned->step->id}");
                }
            }
        }
    }
}
