<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Machine;
use App\Models\Record;
use App\Models\Role;
use App\Models\SignOff;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\View\Factory;
use Illuminate\View\View;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Jobs from opening to the signed card. */
final class JobsTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    public function test_a_job_is_opened_with_a_number_of_the_shops_own(): void
    {
        $machine = Machine::factory()->create(['shop_id' => $this->user->shop_id]);
        $open = fn () => $this->postJson('/api/v1/jobs', [
            'machine_id' => $machine->id,
            'wheel' => 'Front wheel',
            'pattern' => 'pair-sleeve',
            'complaint' => 'Rumbles downhill',
        ])->assertCreated();
        self::assertSame(1, $open()->json('number'));
        $second = $open();
        self::assertSame(2, $second->json('number'));
        self::assertSame(['Rumbles downhill', 'check_in'], [$second->json('complaint'), $second->json('waits_at')]);
        $other = $this->person();
        $this->nobody();
        $theirs = Machine::factory()->create(['shop_id' => $other->shop_id]);
        $this->actingAs($other)
            ->postJson('/api/v1/jobs', ['machine_id' => $theirs->id, 'wheel' => 'Rear', 'pattern' => 'pair-sleeve', 'complaint' => 'x'])
            ->assertJsonPath('number', 1);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongJobs(): iterable
    {
        yield 'no machine' => [['machine_id' => null], 'machine_id'];
        yield 'a machine of words' => [['machine_id' => 'x'], 'machine_id'];
        yield 'a number beyond all' => [['machine_id' => 99999999999999], 'machine_id'];
        yield 'a pattern not known' => [['pattern' => 'moon'], 'pattern'];
        yield 'no complaint' => [['complaint' => ''], 'complaint'];
        yield 'a long wheel' => [['wheel' => str_repeat('w', 81)], 'wheel'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrongJobs')]
    public function test_what_is_missing_to_open_a_job_is_named(array $change, string $field): void
    {
        $machine = Machine::factory()->create(['shop_id' => $this->user->shop_id]);
        $this->postJson(
            '/api/v1/jobs',
            $change + ['machine_id' => $machine->id, 'wheel' => 'Front', 'pattern' => 'pair-sleeve', 'complaint' => 'x'],
        )
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', $field);
    }

    public function test_the_board_is_paged_and_asks_the_same_few_queries_however_long_it_is(): void
    {
        Job::factory()->by($this->user)->count(25)->create();
        DB::enableQueryLog();
        $first = $this->getJson('/api/v1/jobs')->assertOk();
        $few = count(DB::getQueryLog());
        self::assertCount(15, $first->json('data'));
        self::assertSame(1, $few);
        $rest = $this->getJson('/api/v1/jobs?cursor='.$first->json('next_cursor'))->json();
        self::assertCount(10, $rest['data']);
        self::assertNull($rest['next_cursor']);
        self::assertCount(25, array_unique([...array_column($first->json('data'), 'id'), ...array_column($rest['data'], 'id')]));
    }

    public function test_a_job_that_is_the_same_still_is_not_sent_again(): void
    {
        $job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        $first = $this->getJson("/api/v1/jobs/{$job->id}")->assertOk();
        $version = (string) $first->headers->get('ETag');
        self::assertNotSame('', $version);
        self::assertStringContainsString('private', (string) $first->headers->get('Cache-Control'));
        $again = $this->getJson("/api/v1/jobs/{$job->id}", ['If-None-Match' => $version])->assertStatus(304);
        self::assertSame('', $again->getContent());
        // As a proxy that packs it names it.
        $this->getJson("/api/v1/jobs/{$job->id}", ['If-None-Match' => "W/$version"])->assertStatus(304);
        $this->keep($job, 'size.over_faces', ['typed' => '104'])->assertCreated();
        $changed = $this->getJson("/api/v1/jobs/{$job->id}", ['If-None-Match' => $version])->assertOk();
        self::assertNotSame($version, $changed->headers->get('ETag'));
    }

    public function test_what_is_stopped_stands_first_on_the_board_then_what_waits_for_somebody(): void
    {
        $jobs = Job::factory()->by($this->user)->count(20)->create();
        [$stopped, $asked] = [$jobs->slice(2, 1)->sole(), $jobs->slice(5, 1)->sole()];
        $stopped->forceFill(['standing' => ['stations' => ['seat' => 'stop']] + $stopped->standing])->save();
        $asked->forceFill(['standing' => ['asked' => 'Sleeve it, or another hub?'] + $asked->standing])->save();
        $first = $this->getJson('/api/v1/jobs')->json();
        $rest = $this->getJson('/api/v1/jobs?cursor='.$first['next_cursor'])->json();
        $ids = [...array_column($first['data'], 'id'), ...array_column($rest['data'], 'id')];
        $others = $jobs->pluck('id')->diff([$stopped->id, $asked->id])->sortDesc()->values()->all();
        self::assertSame([$stopped->id, $asked->id, ...$others], $ids);
    }

    public function test_opening_a_job_asks_few_queries_however_much_is_recorded(): void
    {
        $job = $this->good();
        DB::enableQueryLog();
        $this->getJson("/api/v1/jobs/{$job->id}")->assertOk();
        $cold = count(DB::getQueryLog());
        DB::flushQueryLog();
        $this->getJson("/api/v1/jobs/{$job->id}")->assertOk();
        self::assertLessThanOrEqual(8, count(DB::getQueryLog()), 'as it was kept');
        self::assertLessThanOrEqual(14, $cold, 'worked out');
    }

    public function test_a_good_job_is_signed_once_and_then_nothing_changes(): void
    {
        $job = $this->good();
        $this->postJson("/api/v1/jobs/{$job->id}/signature")
            ->assertCreated()
            ->assertJsonPath('id', $job->id);
        $this->postJson("/api/v1/jobs/{$job->id}/signature")
            ->assertStatus(409)
            ->assertJsonPath('title', 'Already signed');
        $this->keep($job, 'prove.carry', ['text' => 'later'])->assertStatus(409);
        self::assertSame(1, SignOff::query()->count());
        self::assertSame($this->user->name, $this->getJson("/api/v1/jobs/{$job->id}")->json('signed_by'));
        self::assertSame([], array_column($this->getJson('/api/v1/jobs')->json('data'), 'id'));
        self::assertSame([$job->id], array_column($this->getJson('/api/v1/jobs?signed=1')->json('data'), 'id'));
    }

    public function test_the_card_prints_no_stop_for_what_was_put_right_and_agrees_with_its_drawing(): void
    {
        $job = $this->good();
        $data = [];
        $this->app->make(Factory::class)->composer('card', static function (View $view) use (&$data): void {
            $data = $view->getData();
        });
        $html = function () use ($job, &$data): string {
            $this->get("/files/jobs/{$job->id}/card.pdf")->assertOk();

            return view('card', $data)->render();
        };
        $this->keep($job, 'part.bearing_right', ['state' => 'on_tray', 'condition' => 'replace'])->assertCreated();
        $this->keep($job, 'set.turns', ['choice' => 'drags'])->assertCreated();
        $open = $html();
        self::assertStringContainsString('■ Stop', $open, 'what holds the job is a stop');
        $drawn = array_column($data['report']['section']['pieces'], 'state', 'part');
        $lying = array_column($data['report']['tray'], 'state', 'part');
        self::assertSame(['fitted', 'on_tray'], [$drawn['bearing_right'], $lying['bearing_right']], 'the old one lies, the new one is in');
        self::assertSame(1, substr_count($open, 'new one fitted'));
        $this->keep($job, 'set.turns', ['choice' => 'free'])->assertCreated();
        $this->keep($job, 'part.bearing_right', ['state' => 'fitted', 'new' => true])->assertCreated();
        $stopped = array_filter(
            array_merge(...array_column($this->getJson("/api/v1/jobs/{$job->id}")->json('report.stations'), 'steps')),
            static fn (array $step): bool => ($step['verdicts'][0]['level'] ?? null) === 'stop',
        );
        self::assertNotSame([], $stopped, 'the complaint was a stop, and stays what was found');
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
        $signed = $html();
        self::assertStringNotContainsString('■ Stop', $signed);
        self::assertStringContainsString('● Put right', $signed);
    }

    public function test_an_apprentice_does_all_but_sign(): void
    {
        $job = $this->good();
        $this->actingAs($this->person(Role::Apprentice, $this->user));
        $this->keep($job, 'prove.carry', ['text' => 'noted'])->assertCreated();
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertForbidden();
        self::assertFalse($job->refresh()->isSigned());
    }

    public function test_what_stands_in_the_way_is_named_and_a_word_lets_a_care_go(): void
    {
        $job = $this->good();
        $this->keep($job, 'part.sleeve', ['state' => 'on_tray'])->assertCreated();
        $blocked = $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertStatus(409);
        self::assertContains('Prove: Spacer tube still lies on the tray', array_column($blocked->json('errors'), 'detail'));
        $this->keep($job, 'part.sleeve', ['state' => 'fitted']);
        $this->keep($job, 'source.left.number', ['text' => '6204 DDU C3']);
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertStatus(409);
        $this->keep($job, 'word.source.left.match', ['text' => 'More clearance does no harm here'])->assertCreated();
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
    }

    public function test_the_board_shows_where_a_job_stops(): void
    {
        $job = $this->good();
        $this->keep($job, 'set.turns', ['choice' => 'drags'])->assertCreated();
        $card = $this->getJson('/api/v1/jobs')->json('data.0');
        self::assertSame('set', $card['waits_at']);
        self::assertSame('stop', array_column($card['stations'], 'status', 'station')['set']);
        // What is open before it waits behind the stop.
        $this->keep($job, 'part.axle', ['state' => 'in_place'])->assertCreated();
        $card = $this->getJson('/api/v1/jobs')->json('data.0');
        self::assertSame(['set', 'under_way'], [$card['waits_at'], array_column($card['stations'], 'status', 'station')['strip']]);
    }

    public function test_tools_are_hung_in_either_unit_and_chosen_from(): void
    {
        $job = $this->jobOf($this->user);
        $this->actingAs($this->user)
            ->postJson('/api/v1/tools', [
                'name' => 'Inch cup',
                'kind' => 'cup',
                'outside_mm' => '1.8',
                'opening_mm' => '1 1/2',
                'length_mm' => '3',
                'unit' => 'in',
            ])
            ->assertCreated()
            ->assertJson(['outside_mm' => 45.72, 'opening_mm' => 38.1]);
        self::assertSame('Inch cup', $this->getJson("/api/v1/jobs/{$job->id}")->json('report.drivers.0.choice.tools.0.name'));
        foreach ([['outside_mm', 'x'], ['opening_mm', '60'], ['length_mm', ''], ['kind', 'spoon'], ['name', '']] as [$field, $value]) {
            $this->postJson(
                '/api/v1/tools',
                [$field => $value] + ['name' => 'T', 'kind' => 'cup', 'outside_mm' => '46', 'opening_mm' => '37', 'length_mm' => '60'],
            )
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', $field);
        }
    }

    public function test_the_demo_shop_has_jobs_at_different_stations_and_loads_once(): void
    {
        $this->seed(DatabaseSeeder::class);
        self::assertSame(0, Record::query()->withoutGlobalScopes()->count(), 'a shop is there already: nothing is touched');
    }
}
