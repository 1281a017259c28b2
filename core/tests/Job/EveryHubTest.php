<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Stripping\Extraction;
use CleanRace\Core\Stripping\Habit;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A job of every kind of hub, from station to station. */
final class EveryHubTest extends TestCase
{
    use FindsStep;

    /**
     * @param  array<string, array<string, mixed>>  $entries
     * @param  array<string, string>  $habits
     */
    private static function report(string $pattern, array $entries = [], array $habits = []): JobReport
    {
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return (new WheelJob(Limits::standard()))->report(
            new Bench(HubPatterns::find($pattern), $notebook, [], null, DrawBolt::M12, false, [], $habits),
        );
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    /**
     * Everything that is asked of parts, answered.
     *
     * @return array<string, array<string, mixed>>
     */
    private static function parts(JobReport $report, PartState $until, string $state): array
    {
        $entries = [];
        foreach ($report->stations as $station) {
            foreach ($station->steps as $step) {
                foreach ($step->asks as $ask) {
                    if ($ask->kind === AskKind::Part && $ask->until === $until) {
                        $entries[$ask->place] = ['state' => $state, 'condition' => 'use', 'order' => count($entries) + 1];
                    }
                }
            }
        }

        return $entries;
    }

    #[DataProvider('patterns')]
    public function test_nothing_leaves_the_tray_unnoticed(Pattern $pattern): void
    {
        $off = self::parts(self::report($pattern->id()), PartState::OnTray, 'on_tray');
        $stripped = self::report($pattern->id(), $off);
        $blocks = array_values(array_filter($stripped->blocks, static fn ($b): bool => str_starts_with($b->step, 'tray.')));
        self::assertCount(count($off), $blocks, 'each part on the tray stands in the way of signing');
        $in = self::parts($stripped, PartState::Fitted, 'fitted');
        self::assertSame([], array_diff(array_keys($off), array_keys($in)), 'each part that came off can be fitted again at some step');
        $back = self::report($pattern->id(), [...$off, ...$in]);
        self::assertSame([], array_filter($back->blocks, static fn ($b): bool => str_starts_with($b->step, 'tray.')));
        $scrapped = self::report($pattern->id(), [
            ...$off,
            ...$in,
            array_key_first($off) => ['state' => 'scrapped', 'reason' => 'Bent'],
        ]);
        self::assertSame(
            [],
            array_filter($scrapped->blocks, static fn ($b): bool => str_starts_with($b->step, 'tray.')),
            'a part thrown away with a reason no longer lies there',
        );
    }

    #[DataProvider('patterns')]
    public function test_untouched_it_is_untouched_and_every_place_is_asked_once_a_station(Pattern $pattern): void
    {
        foreach (self::report($pattern->id())->stations as $station) {
            self::assertSame(Status::Untouched, $station->status);
            $places = array_merge(
                ...array_map(
                    static fn (Step $s): array => array_map(
                        static fn (Ask $a): string => $a->borrowed ? $a->place.' again' : $a->place,
                        $s->asks,
                    ),
                    $station->steps,
                ),
            );
            self::assertSame(
                count($places),
                count(array_unique($places)),
                "{$pattern->id()}, {$station->station->value}: ".implode(', ', array_diff_assoc($places, array_unique($places))),
            );
        }
    }

    #[DataProvider('patterns')]
    public function test_words_have_no_holes(Pattern $pattern): void
    {
        $report = self::report($pattern->id(), ['strip.condition' => ['choices' => ['burst', 'seized', 'corroded']]]);
        foreach ($report->stations as $station) {
            foreach ($station->steps as $step) {
                foreach ([$step->title, $step->detail, $step->tool, $step->why, $step->caution, $step->find] as $words) {
                    self::assertDoesNotMatchRegularExpression('/[{}]|\s{2}|^\s*$/', $words?->inEnglish() ?? 'x', $step->id);
                }
                foreach ($step->verdicts as $verdict) {
                    self::assertStringNotContainsString(
                        '{',
                        $verdict->headline->inEnglish().
                            $verdict->sentence->inEnglish().
                            implode('', array_map(static fn (Message $m): string => $m->inEnglish(), $verdict->why)),
                    );
                }
            }
        }
    }

    public function test_in_a_wide_knuckle_the_side_of_the_ring_turns_everything_round(): void
    {
        $order = static fn (JobReport $report, int $station): array => array_map(
            static fn (Step $s): string => $s->id,
            $report->stations[$station]->steps,
        );
        $words = static fn (JobReport $report, string $step): string => self::step($report, $step)->title->inEnglish().
            ' '.
            self::step($report, $step)->detail?->inEnglish();
        $moved = ['hub.edits' => ['edits' => [['do' => 'move', 'part' => 'snap_ring_right', 'by' => -1]], 'undone' => 0]];
        $anew = [
            'hub.edits' => [
                'edits' => [
                    ['do' => 'remove', 'part' => 'snap_ring_right'],
                    ['do' => 'add', 'kind' => 'snap_ring', 'after' => 'seal_left'],
                ],
                'undone' => 0,
            ],
        ];
        $cases = [[[], 'inner', 'outer'], [$moved, 'outer', 'inner'], [$anew, 'outer', 'inner']];
        foreach ($cases as [$edits, $out, $ledge]) {
            $report = self::report('knuckle-wide', $edits);
            self::assertSame([], $report->hub->faults);
            $strip = $order($report, 1);
            self::assertLessThan(
                array_search('strip.bearing', $strip, true),
                array_search('strip.rings', $strip, true),
                'a ring comes off before its bearing',
            );
            self::assertStringContainsString("comes out towards the $out side only", $words($report, 'strip.bearing'));
            $seat = $order($report, 4);
            self::assertSame(
                ['seat.ring', 'seat.seals'],
                array_slice($seat, (int) array_search('seat.ring', $seat, true)),
                'and goes in after it, before the seals',
            );
            self::assertLessThan(array_search('seat.ring', $seat, true), array_search('seat.bearing.home', $seat, true));
            self::assertStringContainsString("From the $out side", $words($report, 'seat.first'));
            self::assertStringContainsString("stands on the $ledge shoulder", $words($report, 'seat.first'));
            $bearing = array_values(array_filter($report->section->pieces, static fn ($p): bool => $p->part === 'bearing'))[0];
            $ring = array_values(
                array_filter($report->section->pieces, static fn ($p): bool => str_starts_with($p->part, 'snap_ring')),
            )[0];
            self::assertSame($out === 'inner', $ring->from->mm > $bearing->from->mm, 'and it is drawn there');
        }
    }

    /** @return iterable<string, array{string, string, string}> pattern, the bearing's seat, the part */
    public static function depthsBefore(): iterable
    {
        yield 'shoulder axle, disc side' => ['pair-axle-shoulder', 'left', 'left'];
        yield 'shoulder axle, sprocket side' => ['pair-axle-shoulder', 'right', 'right'];
        yield 'tube axle' => ['pair-tube-axle', 'left', 'left'];
        yield 'freehub' => ['freehub-body', 'right', 'right'];
        yield 'knuckle pair' => ['knuckle-pair', 'left', 'left'];
    }

    #[DataProvider('depthsBefore')]
    public function test_a_bearing_is_held_against_the_depth_at_which_it_stood_before(string $pattern, string $side): void
    {
        $steps = array_merge(...array_map(static fn ($s): array => $s->steps, self::report($pattern)->stations));
        $home = array_values(
            array_filter($steps, static fn (Step $s): bool => str_ends_with($s->id, '.home') && $s->part === "bearing_$side"),
        )[0];
        $place = array_values(array_filter($home->asks, static fn (Ask $a): bool => $a->at === '12'))[0]->place;
        $said = static function (float $before, float $now, bool $fitted = true) use ($pattern, $side, $place, $home): array {
            $depths = [];
            foreach (['12', '3', '6', '9'] as $hour) {
                $depths[substr($place, 0, -2).$hour] = ['mm' => $now];
            }
            $report = self::report(
                $pattern,
                $depths + [
                    "check.ring_$side" => ['mm' => $before],
                    "part.bearing_$side" => ['state' => $fitted ? 'fitted' : 'on_tray'],
                ],
            );
            $found = array_values(
                array_filter(
                    self::step($report, $home->id)->verdicts,
                    static fn ($v): bool => str_starts_with($v->headline->key, 'depth.'),
                ),
            );

            return [
                $found[0]->headline->key ?? null,
                in_array($home->id, array_map(static fn ($b): string => $b->step, $report->blocks), true),
            ];
        };
        self::assertSame(['depth.short', true], $said(0.9, 0.3), 'six tenths short, and it is in: it stands in the way');
        self::assertSame('depth.to_go', $said(0.9, 0.3, false)[0], 'on its way it is to go');
        self::assertSame('depth.met', $said(0.9, 0.92)[0]);
        self::assertSame('depth.met', $said(0.9, 0.75)[0], 'two widths by number hide 0.24');
        self::assertSame('depth.deeper', $said(0.3, 0.9)[0]);
    }

    public function test_only_one_side_asks_for_a_reason_whoever_decided_it(): void
    {
        $sides = static fn (array $entries, array $habits = []): ?Level => array_values(
            array_filter(
                self::step(self::report('pair-sleeve', $entries, $habits), 'check.rock')->verdicts,
                static fn ($v): bool => str_starts_with($v->headline->key, 'sides.'),
            ),
        )[0]->level ?? null;
        self::assertNull($sides([]), 'both is usual and needs no words');
        self::assertSame(Level::Care, $sides(['check.sides' => ['choice' => 'one']]));
        self::assertSame(
            Level::Go,
            $sides(['check.sides' => ['choice' => 'one'], 'check.sides_reason' => ['text' => 'The other is a month old']]),
        );
        self::assertSame(Level::Care, $sides([], ['sides' => 'one']), 'the shop\'s way');
        self::assertNull($sides(['check.sides' => ['choice' => 'both']], ['sides' => 'one']), 'this job goes the other way');
    }

    public function test_what_was_skipped_before_is_missed_when_it_goes_together(): void
    {
        $axle = static fn (array $entries): array => array_merge(
            ...array_map(
                static fn ($v): array => array_map(static fn (Message $m): string => $m->inEnglish(), $v->why),
                self::step(self::report('cup-cone', $entries), 'set.axle')->verdicts,
            ),
        );
        self::assertSame([], $axle([]));
        self::assertSame(
            ['Over the lock nuts: not measured before it came apart (Bent).'],
            $axle(['check.over_nuts' => ['skipped' => 'Bent']]),
        );
        self::assertTrue(
            self::step(self::report('cup-cone', ['check.over_nuts' => ['skipped' => 'Bent']]), 'check.capture')->done,
            'a skip with a reason is an answer',
        );
    }

    public function test_loose_balls_are_bought_by_the_ball(): void
    {
        $quantities = static fn (array $entries): array => array_values(
            array_map(
                static fn (ToBuy $line): int => $line->quantity,
                array_filter(
                    self::report('cup-cone', ['part.balls_left' => ['state' => 'on_tray', 'condition' => 'replace'], ...$entries])
                        ->toBuy,
                    static fn (ToBuy $line): bool => preg_match('/balls/i', English::of($line->what)) === 1,
                ),
            ),
        );
        self::assertSame(
            [9 + 10],
            $quantities(['seat.balls_left.found' => ['count' => 9]]),
            'as many as came out of one row, as many as the other\'s circle usually takes',
        );
        self::assertSame(
            [8 + 10],
            $quantities(['seat.balls_left.circle' => ['mm' => 17.0], 'seat.balls_left.ball' => ['mm' => 6.35]]),
            'as many as its circle takes',
        );
    }

    public function test_every_measure_says_where_the_caliper_goes_and_takes_a_photo(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $asks = self::step(self::report($id), 'check.capture')->asks;
            foreach ($pattern->capture() as $ask) {
                self::assertTrue($ask->picture !== null || $ask->place === 'check.ring_side', "$id: {$ask->place}");
                if ($ask->picture !== null) {
                    self::assertContains($ask->place.'.photos', array_map(static fn (Ask $a): string => $a->place, $asks));
                }
            }
        }
    }

    public function test_the_suspects_follow_what_the_hub_has(): void
    {
        $suspects = static fn (string $pattern): array => array_map(
            static fn ($f): string => $f->name,
            self::step(
                self::report($pattern, [
                    'check.rock_3_9' => ['choice' => 'at_hub'],
                    'check.rock_12_6' => ['choice' => 'at_hub'],
                    'check.spin' => ['choice' => 'quiet'],
                ]),
                'check.rock',
            )->verdicts[0]->figures,
        );
        self::assertContains('suspect_cone_setting', $suspects('cup-cone'));
        self::assertNotContains('suspect_cone_setting', $suspects('pair-sleeve'));
    }

    public function test_a_habit_that_nobody_knows_is_the_usual_one(): void
    {
        $chosen = static fn (array $habits): array => array_column(
            array_map(static fn (Habit $h): array => [$h->name, $h->chosen], Habit::all($habits)),
            1,
            0,
        );
        self::assertSame(
            [
                'extraction' => 'drift',
                'heat' => 'cold',
                'pressing' => 'draw_bolt',
                'seals' => 'after_both',
                'sides' => 'both',
                'cone_play' => 'trace',
                'taper_play' => 'dial',
                'second_check' => 'none',
                'packing' => 'as_they_come',
            ],
            $chosen([]),
        );
        self::assertSame(
            [
                'extraction' => 'rod',
                'heat' => 'cold',
                'pressing' => 'draw_bolt',
                'seals' => 'after_both',
                'sides' => 'both',
                'cone_play' => 'trace',
                'taper_play' => 'dial',
                'second_check' => 'none',
                'packing' => 'as_they_come',
            ],
            $chosen(['extraction' => 'rod', 'heat' => 'boiling']),
        );
    }

    public function test_every_way_of_getting_a_bearing_out_is_another_plan(): void
    {
        $tools = [];
        foreach (Extraction::cases() as $way) {
            $step = self::step(self::report('pair-sleeve', ['strip.way' => ['choice' => $way->value]]), 'strip.bearing_right');
            $tools[] = $step->tool?->inEnglish();
            self::assertStringContainsString('comes out towards the right side only', (string) $step->detail?->inEnglish());
            self::assertNotNull($step->caution);
            self::assertGreaterThan(0, $step->handMinutes);
        }
        self::assertCount(count(Extraction::cases()), array_unique($tools));
    }
}
