<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\Push;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The seating plan of every kind of hub. */
final class AssemblyTest extends TestCase
{
    use AssembledHub;

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_its_plan_is_walked_to_the_end(Pattern $pattern): void
    {
        $report = self::report($pattern->id());
        $ids = array_map(static fn (Step $s): string => $s->id, self::steps($report));
        self::assertSame(count($ids), count(array_unique($ids)), implode(' ', $ids));
        self::assertSame('seat.first', $ids[0]);
        self::assertContains('seat.clean.done', array_column(self::steps($report)[0]->asks, 'place'), 'nothing is set on its blocks dirty');
        $entries = [];
        foreach (self::steps($report) as $step) {
            self::assertGreaterThan(0, $step->handMinutes, $step->id);
            foreach ($step->asks as $ask) {
                $entries += match (true) {
                    $ask->borrowed => [],
                    $ask->kind === AskKind::Part => [$ask->place => ['state' => 'fitted']],
                    $ask->kind === AskKind::Tick => [$ask->place => ['done' => true]],
                    str_ends_with($ask->place, '.eye') => [$ask->place => ['choice' => 'level']],
                    str_ends_with($ask->place, '.home.signs') => [$ask->place => ['choices' => ['note_changed', 'hard_stop']]],
                    str_ends_with($ask->place, '.axle') => [$ask->place => ['choice' => 'free']],
                    $ask->place === 'seat.pair_feel' => [$ask->place => ['choices' => ['nudges_only']]],
                    str_ends_with($ask->place, '_seated') => [$ask->place => ['choice' => 'all_round']],
                    $ask->place === 'seat.look_through' => [$ask->place => ['choice' => 'seen']],
                    $ask->place === 'seat.warmed' => [$ask->place => ['choice' => 'cold']],
                    str_ends_with($ask->place, 'driver') && $ask->options !== [] => [
                        $ask->place => ['choice' => $ask->options[0]->value],
                    ],
                    default => [],
                };
            }
        }
        $cup = new WallTool('1', 'made for it', ToolKind::Cup, null, Length::mm(30), Length::mm(120));
        $done = self::report($pattern->id(), $entries + ['seat.driver' => '1', 'seat.bearing.driver' => '1'], [], [$cup]);
        foreach (self::steps($done) as $step) {
            $wanted = array_filter($step->asks, static fn (Ask $a): bool => $a->wanted && ! str_contains($a->place, 'driver'));
            self::assertTrue($wanted === [] || $step->done || $step->panel === Panel::Driver, "{$pattern->id()}: {$step->id}");
            self::assertSame([], $step->waitsFor, $step->id);
            self::assertTrue(
                $step->panel === Panel::Driver || $step->open() === null,
                "{$pattern->id()}: {$step->id} ".implode(' ', self::keys($step)),
            );
        }
    }

    #[DataProvider('patterns')]
    public function test_nothing_that_holds_is_passed_silently(Pattern $pattern): void
    {
        $report = self::report($pattern->id());
        $structural = [
            PartKind::SnapRing,
            PartKind::Sleeve,
            PartKind::Bearing,
            PartKind::DoubleRow,
            PartKind::FlangedBearing,
            PartKind::TaperCup,
            PartKind::Cup,
        ];
        $before = [];
        foreach (self::steps($report) as $step) {
            $parts = array_values(array_filter($step->asks, static fn (Ask $a): bool => $a->kind === AskKind::Part));
            if ($parts === []) {
                continue;
            }
            self::assertCount(count($before), $step->waitsFor, "{$pattern->id()}: {$step->id} waits for ".implode(', ', $before));
            if ($before !== []) {
                $early = self::report($pattern->id(), [$parts[0]->place => ['state' => 'fitted']]);
                self::assertContains(
                    'seat.turn',
                    self::keys(self::step($early, $step->id)),
                    "{$pattern->id()}: {$step->id} was begun before its turn",
                );
                self::assertSame(Level::Stop, self::step($early, $step->id)->worst());
            }
            foreach ($parts as $ask) {
                $part = HubPatterns::find($pattern->id())->stack(new Notebook([]))->find(substr($ask->place, 5));
                if ($part !== null && (in_array($part->kind, $structural, true) || $part->kind === PartKind::Axle)) {
                    $before[] = $part->name;
                }
            }
        }
    }

    public function test_each_hub_says_its_own_way(): void
    {
        $words = static fn (string $pattern, string $id): string => implode(
            ' ',
            array_map(static fn ($m): string => (string) $m?->inEnglish(), [
                self::step(self::report($pattern), $id)->title,
                self::step(self::report($pattern), $id)->detail,
                self::step(self::report($pattern), $id)->why,
                self::step(self::report($pattern), $id)->caution,
            ]),
        );
        self::assertStringContainsString('shoulder', $words('shaft-bearing', 'seat.bearing_shaft.home'));
        self::assertStringContainsString('inner ring', $words('shaft-bearing', 'seat.driver'));
        self::assertStringContainsString('outer ring only', $words('pair-axle-shoulder', 'seat.driver'), 'no axle is in yet');
        self::assertStringContainsString('both rings', $words('pair-axle-shoulder', 'seat.bearing_left.driver'));
        self::assertStringContainsString('axle end hangs free', $words('pair-axle-shoulder', 'seat.bearing_left.start'));
        self::assertStringContainsString('plastic shoulder', $words('single-ring', 'seat.bearing.start'));
        self::assertStringContainsString('flange is the stop', $words('flanged-wheel', 'seat.flanged_bearing_right.home'));
        self::assertStringContainsString('Taper facing outward', $words('taper-pair', 'seat.taper_cup_right.start'));
        self::assertStringContainsString('inner ring is held from behind', $words('knuckle-wide', 'seat.bearing_shaft.through'));
        self::assertStringContainsString('glues the pawls', $words('freehub-body', 'seat.seals'));
        self::assertStringContainsString('Inner side first', $words('knuckle-pair', 'seat.first'));
    }

    public function test_an_axle_with_shoulders_tells_by_its_turning_whether_the_second_bearing_is_down(): void
    {
        $home = static fn (array $said): array => self::keys(
            self::step(
                self::report('pair-axle-shoulder', [
                    'part.axle' => ['state' => 'fitted'],
                    'part.bearing_left' => ['state' => 'fitted'],
                    ...$said,
                ]),
                'seat.bearing_left.home',
            ),
        );
        $asked = static fn (string $step): array => array_map(
            static fn ($ask): string => $ask->place,
            self::step(self::report('pair-axle-shoulder'), $step)->asks,
        );
        self::assertContains('seat.bearing_left.axle', $asked('seat.bearing_left.home'));
        self::assertNotContains('seat.bearing_left.turns', $asked('seat.bearing_left.home'), 'the axle stands in it');
        self::assertContains('seat.bearing_right.turns', $asked('seat.bearing_right.home'), 'no axle is in yet');
        self::assertNotContains('seat.bearing_right.axle', $asked('seat.bearing_right.home'));

        $depth = static fn (float $mm): array => array_combine(
            array_map(static fn (int $h): string => "seat.bearing_left.home.$h", [12, 3, 6, 9]),
            array_fill(0, 4, ['mm' => $mm, 'instrument' => 'depth_caliper']),
        );
        $before = ['check.ring_left' => ['mm' => 0.9, 'instrument' => 'depth_caliper']];
        self::assertContains('home.unseen', $home([]));
        $turned = static fn (array $said): array => array_values(array_diff($home($said), ['seat.turn']));
        self::assertSame(['axle_turns.free'], $turned(['seat.bearing_left.axle' => 'free']));
        self::assertSame(['axle_turns.play'], $turned(['seat.bearing_left.axle' => 'play']));
        self::assertSame(['axle_turns.drags'], $turned(['seat.bearing_left.axle' => 'drags']), 'one sign is no stop');
        self::assertContains('axle_turns.drags', $home(['seat.bearing_left.axle' => 'drags', ...$before, ...$depth(0.95)]));
        self::assertContains(
            'axle_turns.squeezed',
            $home(['seat.bearing_left.axle' => 'drags', ...$before, ...$depth(1.6)]),
            'it drags, and stands deeper than before',
        );
    }

    public function test_the_ring_that_is_pushed_follows_the_hub(): void
    {
        $push = static fn (string $pattern): array => array_map(static fn ($d): Push => $d->push, self::report($pattern)->drivers);
        self::assertSame([Push::Outer], $push('pair-sleeve'));
        self::assertSame([Push::Inner], $push('shaft-bearing'));
        self::assertSame([Push::Outer, Push::Both], $push('pair-axle-shoulder'), 'two pushes, two decisions');
        self::assertSame(
            ['bearing_left', 'bearing_right'],
            self::report('pair-sleeve')->drivers[0]->parts,
            'two of one size share a driver',
        );
    }

    public function test_what_stays_in_its_place_is_not_pressed(): void
    {
        $ids = array_map(
            static fn (Step $s): string => $s->id,
            self::steps(self::report('cup-cone', ['part.cup_left' => ['state' => 'stays'], 'part.cup_right' => ['state' => 'stays']])),
        );
        self::assertNotContains('seat.driver', $ids);
        self::assertContains('seat.balls_right', $ids);
    }

    public function test_depths_of_any_hub_are_judged_as_those_of_a_pair(): void
    {
        $depths = static fn (string $at, array $mm): array => array_combine(
            array_map(static fn (int $h): string => "seat.$at.$h", array_keys($mm)),
            array_map(static fn (float $d): array => ['mm' => $d], $mm),
        );
        $cocked = self::report('taper-pair', $depths('taper_cup_right.start', [12 => 2.0, 4 => 3.2, 8 => 3.2]));
        self::assertSame('square.out', self::keys(self::step($cocked, 'seat.taper_cup_right.start'))[0]);
        $home = self::report(
            'knuckle-wide',
            $depths('bearing.home', [12 => 9.02, 4 => 9.0, 8 => 9.0]) + [
                'seat.bearing.ledge' => ['mm' => 46.0],
                'seat.bearing.home.signs' => ['choices' => ['note_changed', 'feeler_refused']],
            ],
        );
        self::assertSame('home.home', self::keys(self::step($home, 'seat.bearing.home'))[0]);
        self::assertSame(9.0, round(self::tiltOf($home, 'bearing')['depth'], 1));
    }

    /** @return array{depth: float} where the drawing puts a bearing, from its own face */
    private static function tiltOf(JobReport $report, string $part): array
    {
        foreach ($report->section->pieces as $piece) {
            if ($piece->part === $part) {
                return ['depth' => 56.0 - $piece->to->mm];
            }
        }
        self::fail("No piece $part");
    }

    public function test_a_rough_face_is_taken_off_by_a_reference_set(): void
    {
        $entries = ['seat.bearing.face' => 'rough', 'seat.bearing.start.eye' => 'level'];
        foreach ([12 => 1.9, 4 => 0.2, 8 => 0.5] as $hour => $face) {
            $entries["seat.bearing.ref.$hour"] = ['mm' => 20 + $face];
            $entries["seat.bearing.start.$hour"] = ['mm' => 5 + $face];
        }
        self::assertSame(
            'square.on',
            self::keys(self::step(self::report('knuckle-wide', $entries), 'seat.bearing.start'))[0],
            'level to the shoulder, whatever the face',
        );
        unset($entries['seat.bearing.face'], $entries['seat.bearing.start.eye']);
        self::assertSame('square.out', self::keys(self::step(self::report('knuckle-wide', $entries), 'seat.bearing.start'))[0]);
    }

    public function test_a_gauge_and_a_warm_hub_are_watched_where_they_are_read(): void
    {
        $tight = [
            'fit.left.feel' => 'firm_driving',
            'size.hub_material' => 'aluminium',
            'size.hub_outside' => ['mm' => 66],
            'size.room_temperature' => ['c' => 18],
        ];
        $watch = static fn (array $shown): array => self::keys(
            self::step(self::report('pair-sleeve', $tight + ['seat.left.gauge' => $shown]), 'seat.left.home'),
        );
        self::assertContains('watch.right', $watch(['n' => 900]));
        self::assertContains('watch.stop', $watch(['n' => 9000]));
        self::assertSame(
            [],
            array_filter($watch(['mpa' => 4]), static fn (string $k): bool => str_starts_with($k, 'watch')),
            'a pressure without a piston says nothing',
        );
        $ram = [new WallTool('1', 'press', ToolKind::Press, ram: Length::mm(50))];
        self::assertContains(
            'watch.stop',
            self::keys(
                self::step(self::report('pair-sleeve', $tight + ['seat.left.gauge' => ['mpa' => 4]], [], $ram), 'seat.left.home'),
            ),
        );
        $warm = self::step(self::report('pair-sleeve', $tight + ['seat.hub_temperature' => ['c' => 80]]), 'seat.warm');
        self::assertSame(Panel::HeatClock, $warm->panel);
        self::assertContains('clock.left', self::keys($warm));
        self::assertContains(
            'clock.late',
            self::keys(self::step(self::report('pair-sleeve', $tight + ['seat.hub_temperature' => ['c' => 20]]), 'seat.warm')),
        );
        $stop = self::step(self::report('pair-sleeve', ['seat.left.press' => 'cocked']), 'seat.left.home');
        self::assertSame([Level::Stop, 'press.cocked'], [$stop->worst(), $stop->verdicts[0]->headline->key]);
    }

    public function test_untouched_it_says_what_to_expect_and_nothing_is_wrong(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $station = self::report($id)->stations[4];
            self::assertSame(Status::Untouched, $station->status, $id);
            foreach ($station->steps as $step) {
                self::assertTrue($step->panel === Panel::Driver || $step->worst() !== Level::Stop, "$id: {$step->id}");
            }
        }
    }

    public function test_how_a_pair_feels_is_a_sign_of_its_second_bearing_alone(): void
    {
        $said = [
            'size.left.number' => ['text' => '608'],
            'size.right.number' => ['text' => '608'],
            'seat.left.home.eye' => 'level',
            'seat.right.home.eye' => 'level',
            'seat.look_through' => 'seen',
            'part.sleeve' => ['state' => 'fitted'],
            'part.bearing_left' => ['state' => 'fitted'],
            'part.bearing_right' => ['state' => 'fitted'],
        ];
        $square = static function (array $more, string $side) use ($said): string {
            $report = self::report('pair-sleeve', $said + $more);
            $found = array_filter(
                self::step($report, "seat.$side.home")->verdicts,
                static fn ($v): bool => str_starts_with($v->headline->key, 'square.'),
            );

            return array_values($found)[0]->level->value;
        };
        $follows = ['seat.pair_feel' => ['choices' => ['other_follows']]];
        $side = HubPatterns::find('pair-sleeve')->firstSide(new Notebook());
        [$first, $second] = [$side->value, $side->other()->value];
        self::assertSame('care', $square([], $second), 'so small a ring wants one sign more than a look');
        self::assertSame('go', $square($follows, $second));
        self::assertSame('care', $square($follows, $first));
    }

    public function test_two_bearings_share_a_driver_only_when_they_are_of_one_size(): void
    {
        $drivers = static fn (float $outside): int => count(
            self::report('flanged-wheel', [
                'hub.edits' => [
                    'edits' => [
                        ['do' => 'resize', 'part' => 'flanged_bearing_left', 'size' => 'outside', 'mm' => 34.925],
                        ['do' => 'resize', 'part' => 'flanged_bearing_right', 'size' => 'outside', 'mm' => $outside],
                    ],
                    'undone' => 0,
                ],
            ])->drivers,
        );
        self::assertSame([1, 1, 2, 2], [$drivers(34.925), $drivers(34.932), $drivers(34.94), $drivers(35.0)]);
    }

    public function test_only_the_bearings_of_a_pair_are_its_first_and_its_second(): void
    {
        $titles = array_map(
            static fn (Step $s): string => English::of($s->title),
            self::steps(
                self::report('pair-sleeve', [
                    'hub.edits' => ['edits' => [['do' => 'add', 'kind' => 'bush', 'after' => 'sleeve']], 'undone' => 0],
                ]),
            ),
        );
        self::assertContains('Start the first bearing square', $titles);
        self::assertContains('Start the second bearing square', $titles);
        self::assertCount(1, preg_grep('/^Start it square: .*bush/', $titles) ?: [], implode(', ', $titles));
    }

    public function test_how_a_pair_feels_shows_nothing_of_its_first_bearing(): void
    {
        $side = HubPatterns::find('pair-sleeve')->firstSide(new Notebook());
        $said = [
            'seat.pair_feel' => ['choices' => ['other_follows']],
            'seat.look_through' => 'seen',
            'part.sleeve' => ['state' => 'fitted'],
        ];
        $keys = static fn (string $at): array => self::keys(
            self::step(self::report('pair-sleeve', $said + ["part.bearing_$at" => ['state' => 'fitted']]), "seat.$at.home"),
        );
        self::assertContains('home.unseen', $keys($side->value));
        self::assertNotContains('home.unseen', $keys($side->other()->value));
    }
}
