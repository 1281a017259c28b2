<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DueItem;
use App\Models\FittedSet;
use App\Models\Job;
use App\Models\Machine;
use App\Models\MeterReading;
use App\Models\Role;
use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What falls due, the calendar, the bench day, what the board says of waiting. */
final class AheadTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    public function test_what_is_to_be_looked_at_again_is_carried_by_itself(): void
    {
        $job = $this->good(null, Carbon::parse('2025-01-10 08:00'), ['prove.carry' => 'Seal track worn']);
        foreach (['strip.look.axle', 'strip.look.tyre'] as $place) {
            $this->keep($job, $place, ['choice' => 'note'])->assertCreated();
        }
        $this->sign($job, Carbon::parse('2025-01-10 12:00'));
        self::assertSame(
            'Seal track worn. Right wheel spacer, axle or shaft, tyre: look again',
            DueItem::query()->where('kind', 'carry')->firstOrFail()->what,
        );
    }

    public function test_what_falls_due_follows_from_what_was_signed(): void
    {
        $machine = Machine::factory()->create(['shop_id' => $this->user->shop_id]);
        $first = $this->good($machine, Carbon::parse('2025-01-10 08:00'), [
            'check.meter' => '10 000 km',
            'prove.carry' => 'Seal track worn',
            'prove.carry_when' => 'spring',
        ]);
        $this->sign($first, Carbon::parse('2025-01-10 12:00'));
        $due = array_column($this->getJson('/api/v1/ahead')->assertOk()->json('data'), null, 'kind');
        self::assertSame(['2025-01-17', '2025-03-01'], [$due['recheck']['on'], $due['carry']['on']]);
        self::assertSame('Torques after the first ride: axle nut, pinch bolts, caliper bolts', $due['recheck']['what']);

        $second = $this->good($machine, Carbon::parse('2025-11-06 08:00'), [
            'check.meter' => '16 000 km',
            'prove.carry' => 'Knuckle next time',
            'prove.carry_when' => '+4 000 km',
        ]);
        $carried = $this->getJson("/api/v1/jobs/{$second->id}")->json('carried');
        self::assertContains(
            'Seal track worn. Right wheel spacer: look again',
            array_column($carried, 'what'),
            'it comes up when the machine is in again',
        );
        $this->sign($second, Carbon::parse('2025-11-06 12:00'));
        $history = $this->getJson("/api/v1/machines/{$machine->id}")->json();
        self::assertSame(
            [[300, '6 000 km', '2025-11-06'], [null, null, null]],
            array_map(
                static fn (array $s): array => [$s['lasted_days'], $s['lasted_meter'], $s['ended_on']],
                array_reverse($history['sets']),
            ),
        );
        $knuckle = array_values(
            array_filter($history['due'], static fn (array $one): bool => str_starts_with($one['what'], 'Knuckle next time')),
        )[0];
        // 6 000 km in 300 days: another 4 000 in 200.
        self::assertSame(['20 000 km', '2026-05-25'], [$knuckle['meter'], $knuckle['on']]);
        self::assertSame(
            1,
            DueItem::query()->where('kind', 'recheck')->whereNull('settled_at')->count(),
            'the re-check of the set before went out with it',
        );
        self::assertSame(2, MeterReading::query()->count());
        self::assertSame(0, DueItem::query()->where('kind', 'life')->count(), 'one set is no median');
    }

    public function test_the_median_life_of_similar_sets_says_when_with_how_many_it_rests_on(): void
    {
        $machine = Machine::factory()->create(['shop_id' => $this->user->shop_id]);
        $template = $this->good($machine);
        foreach ([200, 300, 900] as $days) {
            $old = Job::factory()->by($this->user)->create();
            FittedSet::query()->create([
                'machine_id' => $old->machine_id,
                'job_id' => $old->id,
                'wheel' => 'Rear',
                'pattern' => 'pair-sleeve',
                'bearings' => '6204',
                'fitted_on' => '2024-01-01',
                'ended_on' => '2025-01-01',
                'lasted_days' => $days,
            ]);
        }
        $this->sign($template, Carbon::parse('2026-01-01 10:00'));
        $life = DueItem::query()->where('kind', 'life')->firstOrFail();
        self::assertSame(['2026-10-28', 3], [$life->due_on?->format('Y-m-d'), $life->rests_on]);
        $this->postJson("/api/v1/ahead/{$life->id}/settled")->assertOk();
        $this->postJson("/api/v1/ahead/{$life->id}/settled")->assertOk();
        self::assertSame($this->user->id, $life->refresh()->settled_by);
        self::assertNotContains('life', array_column($this->getJson('/api/v1/ahead')->json('data'), 'kind'));
        $this->deleteJson("/api/v1/ahead/{$life->id}/settled")
            ->assertOk()
            ->assertJsonPath('settled', false);
        self::assertContains(
            'life',
            array_column($this->getJson('/api/v1/ahead')->json('data'), 'kind'),
            'a slip of the finger is taken back',
        );
        self::assertNull($life->refresh()->settled_by);
    }

    public function test_a_calendar_program_reads_what_falls_due_by_a_secret_address(): void
    {
        $job = $this->good(null, null, ['prove.carry' => 'Left bore; look, again', 'prove.carry_when' => '2027-03-01']);
        $this->sign($job);
        $owner = $this->person(Role::Owner, $this->user);
        $this->nobody()->actingAs($owner);
        self::assertNull($this->getJson('/api/v1/shop/calendar')->assertOk()->json('address'));
        $address = $this->postJson('/api/v1/shop/calendar')->assertCreated()->json('address');
        $path = (string) parse_url($address, PHP_URL_PATH);
        $this->nobody();
        $this->flushSession();
        $feed = $this->get($path)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $calendar = Reader::read((string) $feed->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $events = $calendar->select('VEVENT');
        self::assertCount(2, $events);
        $carry = array_values(
            array_filter($events, static fn ($e): bool => str_contains((string) $e->SUMMARY, 'Left bore; look, again')),
        )[0];
        self::assertSame(['20270301', '20270302'], [(string) $carry->DTSTART, (string) $carry->DTEND]);
        self::assertSame((string) $feed->getContent(), (string) $this->get($path)->getContent(), 'the same until something changes');

        $this->nobody()->actingAs($owner)->postJson('/api/v1/shop/calendar');
        $this->get($path)->assertNotFound();
        $this->deleteJson('/api/v1/shop/calendar')->assertOk()->assertJsonPath('address', null);
        $this->get('/calendar/'.str_repeat('a', 48).'.ics')->assertNotFound();
    }

    public function test_the_bench_day_follows_the_order_and_is_the_shops_own(): void
    {
        $theirs = $this->jobOf($this->person());
        $this->actingAs($this->user);
        $machines = [
            Machine::factory()->create(['shop_id' => $this->user->shop_id, 'name' => 'One']),
            Machine::factory()->create(['shop_id' => $this->user->shop_id, 'name' => 'Two']),
        ];
        $open = fn (Machine $machine): int => $this->postJson('/api/v1/jobs', [
            'machine_id' => $machine->id,
            'wheel' => 'Front wheel',
            'pattern' => 'pair-sleeve',
            'complaint' => 'x',
        ])->json('id');
        [$one, $two] = array_map($open, $machines);
        $unchosen = $this->getJson('/api/v1/bench-day?from=540')->assertOk()->json();
        self::assertSame(
            [false, 540, [$two, $one]],
            [$unchosen['chosen'], $unchosen['from'], array_column(array_column($unchosen['jobs'], 'job'), 'id')],
        );
        $day = $this->putJson('/api/v1/bench-day', ['from' => 540, 'jobs' => [$one, $two, $theirs->id]])
            ->assertOk()
            ->json();
        self::assertSame([true, [$one, $two]], [$day['chosen'], array_column(array_column($day['jobs'], 'job'), 'id')]);
        self::assertSame(540, $day['hands'][0]['from']);
        self::assertSame(
            $day['jobs'][0]['hand_minutes'] + $day['jobs'][1]['hand_minutes'],
            array_sum(array_map(static fn (array $b): int => $b['to'] - $b['from'], $day['hands'])),
        );
        self::assertNull($theirs->refresh()->bench_place);
        $turned = $this->putJson('/api/v1/bench-day', ['from' => 540, 'jobs' => [$two, $one]])->json();
        self::assertSame([$two, $one], array_column(array_column($turned['jobs'], 'job'), 'id'));
        self::assertLessThan($turned['jobs'][1]['done_at'], $turned['jobs'][0]['done_at']);
        $this->putJson('/api/v1/bench-day', ['jobs' => [$one, $one]])->assertStatus(422);
        $this->putJson('/api/v1/bench-day', ['jobs' => array_fill(0, 13, 1)])->assertStatus(422);
    }

    public function test_the_board_says_what_soaks_and_until_when_and_the_day_counts_with_it(): void
    {
        $job = Job::factory()
            ->by($this->user)
            ->create(['pattern' => 'pair-sleeve']);
        $this->keep($job, 'strip.condition', ['choices' => ['corroded']])->assertCreated();
        self::assertNull($this->getJson('/api/v1/jobs')->json('data.0.left_until'));
        $soak = array_values(
            array_filter(
                $this->getJson("/api/v1/jobs/{$job->id}")->json('report.stations.1.steps'),
                static fn (array $s): bool => $s['wait_minutes'] === 20,
            ),
        )[0];
        $tick = array_values(array_filter($soak['asks'], static fn (array $a): bool => $a['kind'] === 'tick'))[0]['place'];
        $this->keep($job, $tick, ['done' => true], ['made_at' => Carbon::now()->subMinutes(5)->toJSON()])->assertCreated();
        $card = $this->getJson('/api/v1/jobs')->json('data.0');
        self::assertSame($soak['title'], $card['left_for']);
        self::assertEqualsWithDelta(15 * 60, Carbon::now()->diffInSeconds(Carbon::parse($card['left_until'])), 5);
        self::assertSame(555, $this->getJson('/api/v1/bench-day?from=540')->json('hands.0.from'), 'hands at it when it has soaked');
        $this->keep($job, $tick, ['done' => true], ['made_at' => Carbon::now()->subMinutes(50)->toJSON()])->assertCreated();
        $this->keep($job, $tick, null)->assertCreated();
        self::assertNull($this->getJson('/api/v1/jobs')->json('data.0.left_until'), 'not done, nothing soaks');
    }
}
