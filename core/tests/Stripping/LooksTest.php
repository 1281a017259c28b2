<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Stripping;

use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\LookOver;
use CleanRace\Core\Proving\CarriedForward;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Stripping\Looks;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is looked at once a hub is apart, and what follows from it. */
final class LooksTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    /** @return iterable<string, array{string, string, ?Level}> */
    public static function judged(): iterable
    {
        foreach (['bore_left', 'bore_right', 'shoulder', 'tube', 'axle', 'groove'] as $place) {
            yield "$place is good" => [$place, 'use', null];
            yield "$place again" => [$place, 'note', null];
            yield "$place is bad" => [$place, 'replace', Level::Stop];
        }
        foreach (['tyre', 'pads', 'chain', 'spokes'] as $place) {
            yield "$place is good" => [$place, 'use', null];
            yield "$place is bad" => [$place, 'replace', Level::Care];
        }
    }

    #[DataProvider('judged')]
    public function test_a_bad_seat_stops_and_a_bad_tyre_is_said(string $place, string $said, ?Level $level): void
    {
        $bench = self::bench('pair-sleeve', ["strip.look.$place" => ['choice' => $said]]);
        $verdict = Looks::ofHub($bench)->verdict() ?? Looks::around($bench)->verdict();
        self::assertSame($level, $verdict?->level);
    }

    public function test_a_bad_bore_is_not_signed_for_until_it_is_mended(): void
    {
        $why = static fn (string $said): array => array_map(
            static fn ($block): string => English::of($block->what),
            self::job('pair-sleeve', ['strip.look.bore_left' => ['choice' => $said]])->blocks,
        );
        self::assertContains('To be mended first: Left bore', $why('replace'));
        self::assertNotContains('To be mended first: Left bore', $why('use'));
    }

    public function test_what_is_used_and_looked_at_again_is_carried_by_itself(): void
    {
        $entries = [
            'strip.look.axle' => ['choice' => 'note'],
            'strip.look.tyre' => ['choice' => 'note'],
            'strip.look.chain' => ['choice' => 'use'],
            'part.spacer_left' => ['state' => 'on_tray', 'condition' => 'note', 'order' => 1],
            'part.spacer_right' => ['state' => 'on_tray', 'condition' => 'use', 'order' => 2],
        ];
        self::assertSame(
            'Left wheel spacer, axle or shaft, tyre: look again',
            English::of(CarriedForward::line(self::bench('pair-sleeve', $entries))),
        );
        $job = self::job('pair-sleeve', $entries);
        self::assertSame('Left wheel spacer, axle or shaft, tyre: look again', English::of($job->carried));
        self::assertStringContainsString('axle or shaft, tyre', English::of(self::step($job, 'prove.carry')->find));
        self::assertNull(CarriedForward::line(self::bench('pair-sleeve')));
    }

    public function test_what_the_note_names_is_not_said_twice(): void
    {
        $noted = ['strip.look.axle' => ['choice' => 'note'], 'strip.look.tyre' => ['choice' => 'note']];
        $line = static fn (string $note): string => English::of(
            CarriedForward::line(self::bench('pair-sleeve', $noted + ['prove.carry' => ['text' => $note]])),
        );
        self::assertSame('Axle or shaft: look again', $line('New TYRE before winter'));
        self::assertSame('Axle or shaft, tyre: look again', $line('Knuckle next time'));
        self::assertSame('', $line('axle or shaft worn, tyre too'));
    }

    public function test_a_part_that_was_replaced_is_not_carried(): void
    {
        $new = ['part.spacer_left' => ['state' => 'fitted', 'condition' => 'note', 'new' => true]];
        self::assertNull(CarriedForward::line(self::bench('pair-sleeve', $new)));
    }

    public function test_a_machine_is_looked_over_for_what_it_can_have(): void
    {
        $of = static fn (string $id): array => array_column(LookOver::possible(HubPatterns::find($id)), 'name');
        self::assertContains('spokes', $of('cup-cone'));
        self::assertNotContains('spokes', $of('knuckle-wide'));
        self::assertContains('boots', $of('knuckle-pair'));
        self::assertNotContains('boots', $of('live-carrier'), 'nothing steers a rear axle');
        self::assertNotContains('boots', $of('shaft-bearing'));
        self::assertSame(['belt'], $of('spindle'));
        self::assertSame(['plastic'], $of('single-ring'));
        foreach (HubPatterns::all() as $id => $pattern) {
            if ($pattern->card()->role === HubRole::Freehub) {
                self::assertSame([], $of($id));
            }
        }
    }

    public function test_what_stops_or_steers_is_said_by_itself_and_nothing_waits_for_the_rest(): void
    {
        foreach (['pair-sleeve', 'knuckle-wide', 'cup-cone'] as $pattern) {
            $step = self::step(self::job($pattern), 'strip.over');
            self::assertTrue($step->optional);
            foreach ($step->asks as $ask) {
                self::assertSame(in_array($ask->place, ['strip.look.pads', 'strip.look.boots'], true), $ask->usual() === null, $ask->place);
            }
        }
    }

    public function test_a_spare_is_kept_only_where_nobody_is_carried_at_speed(): void
    {
        self::assertArrayHasKey('strip.spare', self::steps(self::job('single-ring')));
        self::assertArrayNotHasKey('strip.spare', self::steps(self::job('pair-sleeve')));
        $kept = ['strip.spare' => ['choice' => 'spare']];
        $rough = ['check.inner_left' => ['choice' => 'rough']];
        $smooth = ['check.inner_left' => ['choice' => 'smooth']];
        $judged = static fn (array $entries): ?Level => self::step(self::job('single-ring', $entries), 'strip.spare')->verdicts[0]->level ??
            null;
        self::assertSame(Level::Care, $judged($kept + $rough));
        self::assertNull($judged($kept + $smooth));
        self::assertNull($judged(['strip.spare' => ['choice' => 'scrap']] + $rough));
    }

    public function test_an_optional_look_leaves_its_station_settled(): void
    {
        $job = self::job('pair-sleeve');
        $entries = [];
        foreach (self::steps($job) as $id => $step) {
            if ($id === 'strip.over' || ! str_starts_with($id, 'strip.')) {
                continue;
            }
            foreach ($step->asks as $ask) {
                $entries[$ask->place] = match ($ask->kind->value) {
                    'tick' => ['done' => true],
                    'part' => ['state' => 'on_tray', 'condition' => 'use', 'order' => count($entries)],
                    'choice' => ['choice' => $ask->options[0]->value],
                    default => null,
                };
            }
        }
        $strip = self::job('pair-sleeve', array_filter($entries))->stations[1];
        self::assertSame(Station::Strip, $strip->station);
        self::assertContains($strip->status, [Status::Settled, Status::Care]);
    }

    public function test_what_stays_in_is_not_said_to_be_off(): void
    {
        $label = static fn (string $hub, string $step): string => English::of(self::step(self::job($hub), $step)->ordinary?->label);
        self::assertSame('All of these left in, good', $label('cup-cone', 'strip.cup_left'));
        self::assertSame('All of these off: good, as drawn', $label('pair-sleeve', 'strip.seals'));
    }
}
