<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Cards\CustomerSheet;
use App\Models\Addendum;
use App\Models\DueItem;
use App\Models\FittedSet;
use App\Models\Job;
use App\Models\Machine;
use App\Models\MeterReading;
use App\Models\Photo;
use App\Models\Record;
use App\Models\Role;
use App\Models\Tool;
use App\Models\User;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Tests\Job\RandomAnswers;
use CleanRace\Core\Tooling\ToolKind;
use Database\Seeders\DemoJob;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** What outlives a job: its file, its addenda, the sets and what falls due, the calendar, the bench day. */
final class RecordsThatLastTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person()->load('shop');
        $this->actingAs($this->user);
    }

    /** @param  array<string, string>  $texts */
    private function good(?Machine $machine = null, ?Carbon $start = null, array $texts = []): Job
    {
        Tool::query()->firstOrCreate(
            ['name' => '42 cup'],
            ['kind' => ToolKind::Cup, 'outside_mm' => 46.2, 'opening_mm' => 37, 'length_mm' => 60],
        );

        return $this->app
            ->make(DemoJob::class)
            ->load(
                $this->user,
                $machine ?? Machine::factory()->create(['shop_id' => $this->user->shop_id]),
                'Front wheel',
                'good',
                'Hums',
                $start ?? Carbon::now()->subHour(),
                $texts,
            );
    }

    private function sign(Job $job, ?Carbon $on = null): void
    {
        Carbon::setTestNow($on);
        try {
            $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
        } finally {
            Carbon::setTestNow();
        }
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function take(mixed $file): TestResponse
    {
        /** @var TestResponse<\Illuminate\Http\JsonResponse> */
        return $this->post(
            '/api/v1/jobs/file',
            ['file' => UploadedFile::fake()->createWithContent('job.json', is_string($file) ? $file : (string) json_encode($file))],
            ['Accept' => 'application/json'],
        );
    }

    /**
     * A small job file that is sound.
     *
     * @return array<string, mixed>
     */
    public static function file(): array
    {
        return [
            'format' => 'clean-race-job',
            'version' => 1,
            'shop' => 'Sound Works',
            'machine' => ['name' => 'Hand cart', 'model' => 'Wagtail', 'owner' => ''],
            'job' => [
                'number' => 7,
                'wheel' => 'Left wheel',
                'pattern' => 'flanged-wheel',
                'opened_at' => '2026-03-01T08:00:00.000+00:00',
                'signed_at' => null,
                'signed_by' => null,
            ],
            'records' => [
                [
                    'place' => 'check.complaint',
                    'value' => ['text' => 'Wobbles'],
                    'instrument' => null,
                    'made_at' => '2026-03-01T08:00:00.000+00:00',
                    'by' => 'Runa',
                ],
                [
                    'place' => 'set.float.space',
                    'value' => ['mm' => 84.6, 'typed' => '84.6'],
                    'instrument' => 'digital_caliper',
                    'made_at' => '2026-03-01T08:05:00.000+00:00',
                    'by' => 'Runa',
                ],
            ],
            'photos' => [],
            'traces' => [],
            'addenda' => [],
            'card' => null,
        ];
    }

    public function test_a_job_file_comes_out_of_another_shop_as_it_went_in(): void
    {
        $job = $this->good();
        $photo = (string) Str::uuid();
        $this->post("/api/v1/jobs/{$job->id}/photos", [
            'id' => $photo,
            'photo' => UploadedFile::fake()->image('part.jpg', 60, 40),
        ])->assertCreated();
        $this->keep($job, 'part.sleeve', ['state' => 'fitted', 'photos' => [$photo]])->assertCreated();
        $this->keep($job, 'size.over_faces', ['typed' => '104.1'])->assertCreated();
        $this->keep($job, 'size.over_faces', ['typed' => '104'])->assertCreated();
        $this->postJson("/api/v1/jobs/{$job->id}/traces", [
            'id' => (string) Str::uuid(),
            'seat' => 'left',
            'samples' => [[0, 0], [1, 900], [2, 1800]],
        ])->assertCreated();
        $this->sign($job);
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", [
            'id' => (string) Str::uuid(),
            'text' => 'The pads were changed too',
        ])->assertCreated();
        $file = $this->get("/files/jobs/{$job->id}/job.json")
            ->assertOk()
            ->assertHeader('Content-Disposition', "attachment; filename=\"job-{$job->number}.json\"")
            ->json();

        $other = $this->person(Role::Owner)->load('shop');
        $this->nobody()->actingAs($other);
        $taken = $this->take($file)->assertCreated()->json('id');
        $sheet = $this->getJson("/api/v1/jobs/$taken")
            ->assertOk()
            ->json();
        self::assertSame(
            [null, null, $this->user->shop->name.', job '.$job->number, 'The pads were changed too'],
            [$sheet['signed_at'], $sheet['signed_by'], $sheet['imported_from'], $sheet['addenda'][0]['text']],
            'nobody signed it here',
        );
        self::assertStringContainsString("says that {$this->user->name} signed it there", $sheet['said_signed']);
        $again = $this->get("/files/jobs/$taken/job.json")
            ->assertOk()
            ->json();
        self::assertSame([null, null, null], [$again['card'], $again['job']['signed_at'], $again['job']['signed_by']]);
        $file['job'] = ['signed_at' => null, 'signed_by' => null] + $file['job'];
        ksort($file['job']);
        ksort($again['job']);
        self::assertCount(1, $again['photos']);
        foreach (['format', 'version', 'shop', 'machine', 'job', 'records', 'traces', 'addenda'] as $part) {
            self::assertSame($file[$part], $again[$part], "$part after a round trip");
        }
        $this->keep(Job::query()->whereKey($taken)->firstOrFail(), 'prove.carry', ['text' => 'x'])->assertCreated();
        self::assertSame(
            [0, 1],
            [Job::query()->where('id', $job->id)->count(), Photo::query()->where('job_id', $taken)->count()],
            'the other shop sees its own alone',
        );
    }

    public function test_a_file_makes_nobody_the_signer_of_a_job(): void
    {
        $file = self::file();
        $file['job'] = ['signed_at' => '2026-03-02T09:00:00.000+00:00', 'signed_by' => 'Tove'] + $file['job'];
        $file['card'] = ['signed_by' => 'Tove', 'signed_as' => 'owner', 'report' => ['stations' => []]];
        $this->nobody()->actingAs($this->person(Role::Apprentice, $this->user)->load('shop'));
        $taken = $this->take($file)->assertCreated()->json('id');
        $sheet = $this->getJson("/api/v1/jobs/$taken")
            ->assertOk()
            ->json();
        self::assertSame([null, null, null], [$sheet['signed_at'], $sheet['signed_by'], $sheet['signed_as']]);
        self::assertFalse($sheet['report']['may_sign']);
        self::assertSame(0, DB::table('sign_offs')->where('job_id', $taken)->count());
        self::assertNull(
            $this->getJson("/api/v1/machines/{$sheet['machine']['id']}")
                ->assertOk()
                ->json('jobs.0.signed_by'),
        );
        $this->get("/files/jobs/$taken/card.pdf")->assertOk();
        $this->get("/files/jobs/$taken/sheet.pdf")->assertOk();
        $this->postJson("/api/v1/jobs/$taken/signature")->assertForbidden();
    }

    public function test_a_record_that_waited_under_one_person_is_not_kept_under_another(): void
    {
        $job = Job::factory()->by($this->user)->create();
        $this->keep($job, 'size.over_faces', ['typed' => '104'], ['author' => $this->user->id])->assertCreated();
        $this->keep($job, 'size.over_faces', ['typed' => '105'], ['author' => $this->user->id + 1])
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/other-person');
        $this->nobody()->actingAs($this->person(Role::Apprentice, $this->user)->load('shop'));
        $this->keep($job, 'size.over_faces', ['typed' => '106'], ['author' => $this->user->id])->assertStatus(409);
        self::assertSame(
            ['104'],
            array_column(
                array_column($this->getJson("/api/v1/jobs/{$job->id}/records?place=size.over_faces")->json('data'), 'value'),
                'typed',
            ),
        );
    }

    /** @return iterable<string, array{string}> */
    public static function patterns(): iterable
    {
        foreach (array_keys(HubPatterns::all()) as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('patterns')]
    public function test_a_job_of_every_kind_of_hub_goes_through_a_file_whatever_was_answered(string $pattern): void
    {
        $random = new Randomizer(new Mt19937(crc32($pattern)));
        $job = Job::factory()
            ->by($this->user)
            ->create(['pattern' => $pattern]);
        for ($round = 0; $round < 2; $round++) {
            $report = $this->app->make(Workbench::class)->report($job, Notes::notebookOf($job));
            foreach (array_slice(RandomAnswers::some($report, $random), 0, 10) as $ask) {
                $entry = RandomAnswers::to($ask, $random);
                if ($entry !== null) {
                    self::assertContains($this->keep($job, $ask->place, $entry)->status(), [201, 422], $ask->place);
                }
            }
        }
        $here = $this->getJson("/api/v1/jobs/{$job->id}")
            ->assertOk()
            ->json();
        self::assertGreaterThan(8, count($here['entries']));
        $file = $this->get("/files/jobs/{$job->id}/job.json")
            ->assertOk()
            ->json();
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/files/jobs/{$job->id}/card.pdf")
                ->assertOk()
                ->getContent(),
        );
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/files/jobs/{$job->id}/sheet.pdf")
                ->assertOk()
                ->getContent(),
        );

        $this->nobody()->actingAs($this->person(Role::Owner)->load('shop'));
        $there = $this->getJson('/api/v1/jobs/'.$this->take($file)->assertCreated()->json('id'))
            ->assertOk()
            ->json();
        $said = static fn (array $sheet): array => array_column($sheet['entries'], 'value', 'place');
        self::assertEquals($said($here), $said($there));
        // No tool hangs in either shop, so that both judge alike.
        self::assertSame(json_encode($here['report']['stations']), json_encode($there['report']['stations']));
    }

    /** @return iterable<string, array{mixed, string}> file, part of the sentence */
    public static function unsound(): iterable
    {
        $with = static fn (string $path, mixed $value): array => self::changed(self::file(), explode('.', $path), $value);
        yield 'no JSON' => ['{', 'not a job file'];
        yield 'another file' => [['format' => 'x'], 'not a job file'];
        yield 'a later version' => [$with('version', 2), 'version 2'];
        yield 'no such hub' => [$with('job.pattern', 'rocket'), '"job.pattern"'];
        yield 'a place that is none' => [$with('records.0.place', '../x'), '"records.0.place"'];
        yield 'no time' => [$with('records.0.made_at', 'yesterday-ish!'), '"records.0.made_at"'];
        yield 'an instrument nobody has' => [$with('records.1.instrument', 'eyeball'), '"records.1.instrument"'];
        yield 'something more' => [$with('machine.shop_id', 1), '"machine"'];
        yield 'a value that is too long' => [$with('records.0.value', ['text' => str_repeat('x', 21000)]), '"records.0.value"'];
        yield 'a photo that is none' => [$with('photos', [['name' => 'photo-1', 'jpeg' => base64_encode('<?php')]]), 'not a picture'];
        yield 'a trace of words' => [
            $with('traces', [['seat' => 'left', 'source' => 'file', 'samples' => [['a', 'b'], [1, 2]], 'made_at' => '2026-01-01']]),
            '"traces.0.samples.0.0"',
        ];
    }

    /**
     * @param  array<array-key, mixed>  $into
     * @param  non-empty-list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function changed(array $into, array $path, mixed $value): array
    {
        $key = array_shift($path);
        $into[$key] = $path === [] ? $value : self::changed((array) ($into[$key] ?? []), $path, $value);

        return $into;
    }

    #[DataProvider('unsound')]
    public function test_a_file_that_is_not_sound_is_refused_whole(mixed $file, string $says): void
    {
        $refused = $this->take($file)->assertStatus(422);
        self::assertStringContainsString($says, $refused->json('errors.0.detail'));
        self::assertSame([0, 0], [Job::query()->count(), Machine::query()->count()]);
    }

    public function test_strange_values_in_a_file_do_not_break_the_job(): void
    {
        $file = self::file();
        foreach (
            [
                'hub.edits' => ['edits' => 'x', 'moves' => [[]]],
                'part.axle' => ['state' => 7],
                'set.taper.slots' => ['count' => 'many'],
                'set.cone.try.1' => ['mark' => 'NaN'],
                'size.use' => ['choice' => ['a']],
            ] as $place => $value
        ) {
            $file['records'][] = [
                'place' => $place,
                'value' => $value,
                'instrument' => null,
                'made_at' => '2026-03-01T09:00:00.000+00:00',
                'by' => 'Runa',
            ];
        }
        $taken = $this->take($file);
        self::assertContains($taken->status(), [201, 422]);
        if ($taken->status() === 201) {
            $this->getJson('/api/v1/jobs/'.$taken->json('id'))->assertOk();
        }
    }

    public function test_the_written_schema_names_what_a_file_has(): void
    {
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/job.schema.json')), true);
        $job = $this->good();
        $file = $this->get("/files/jobs/{$job->id}/job.json")->json();
        self::assertSame(array_keys($file), array_keys($schema['properties']));
        self::assertSame($schema['required'], array_keys($file));
        foreach (['machine', 'job'] as $part) {
            self::assertSame(array_keys($file[$part]), array_keys($schema['properties'][$part]['properties']));
        }
        self::assertSame(array_keys($file['records'][0]), array_keys($schema['properties']['records']['items']['properties']));
    }

    public function test_after_the_signature_words_are_added_and_never_changed(): void
    {
        $job = $this->good();
        $id = (string) Str::uuid();
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => $id, 'text' => 'Too early'])
            ->assertStatus(409)
            ->assertJsonPath('title', 'Not signed yet');
        $this->sign($job);
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => $id, 'text' => ' '])->assertStatus(422);
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => $id, 'text' => 'Torque was 85'])->assertCreated();
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => $id, 'text' => 'Torque was 85'])->assertOk();
        self::assertSame(['Torque was 85'], array_column($this->getJson("/api/v1/jobs/{$job->id}")->json('addenda'), 'text'));
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/files/jobs/{$job->id}/card.pdf")
                ->assertOk()
                ->getContent(),
        );
        $this->expectException(QueryException::class);
        DB::transaction(
            static fn () => Addendum::query()
                ->whereKey($id)
                ->update(['text' => 'Torque was 90']),
        );
    }

    public function test_whoever_looked_it_over_cannot_sign_as_well_where_a_shop_wants_a_second_person(): void
    {
        $this->user->shop->update(['habits' => ['second_check' => 'required']]);
        $job = $this->good();
        $blocked = $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertStatus(409);
        self::assertContains('prove.second', array_column($blocked->json('errors'), 'field'));
        $this->keep($job, 'prove.second', ['choice' => 'pass'])->assertCreated();
        self::assertStringContainsString(
            'cannot sign it as well',
            $this->postJson("/api/v1/jobs/{$job->id}/signature")
                ->assertStatus(409)
                ->json('errors.0.detail'),
        );
        self::assertFalse($job->refresh()->isSigned());
    }

    public function test_looked_over_by_another_it_is_signed(): void
    {
        $this->user->shop->update(['habits' => ['second_check' => 'required']]);
        $job = $this->good();
        $this->actingAs($this->person(Role::Apprentice, $this->user));
        $this->keep($job, 'prove.second', ['choice' => 'pass'])->assertCreated();
        $this->nobody()->actingAs($this->user);
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
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
        self::assertContains('Seal track worn', array_column($carried, 'what'), 'it comes up when the machine is in again');
        $this->sign($second, Carbon::parse('2025-11-06 12:00'));
        $history = $this->getJson("/api/v1/machines/{$machine->id}")->json();
        self::assertSame(
            [[300, '6 000 km', '2025-11-06'], [null, null, null]],
            array_map(
                static fn (array $s): array => [$s['lasted_days'], $s['lasted_meter'], $s['ended_on']],
                array_reverse($history['sets']),
            ),
        );
        $knuckle = array_values(array_filter($history['due'], static fn (array $one): bool => $one['what'] === 'Knuckle next time'))[0];
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

    public function test_a_sheet_for_the_customer_says_before_and_now(): void
    {
        $job = $this->good();
        $this->sign($job);
        $pdf = $this->app->make(CustomerSheet::class)->pdf($job->refresh()->load('machine', 'shop', 'signer'), 'a4', 'mm');
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertSame(1, preg_match_all('#/Type\s*/Page\b(?!s)#', $pdf), 'one page');
        $html = view('customer', [
            'job' => $job,
            'complaint' => 'Hums <b>',
            'kind' => 'Pair',
            'decided' => [['Sleeve it, or a new hub?', 'Sleeve it']],
            'bearings' => ['Left: 6204'],
            'before' => ['Rumbles all round'],
            'after' => ['Quiet'],
            'due' => collect(),
        ])->render();
        self::assertStringContainsString('Hums &lt;b&gt;', $html);
        self::assertStringContainsString('<span class="m">Sleeve it, or a new hub?</span> Sleeve it', $html);
        self::assertLessThan(strpos($html, 'Quiet'), (int) strpos($html, 'Rumbles all round'));
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

    public function test_cones_are_set_over_http_and_the_shop_learns_from_them(): void
    {
        $job = Job::factory()
            ->by($this->user)
            ->create(['pattern' => 'cup-cone']);
        $step = fn (): array => $this->step($this->getJson("/api/v1/jobs/{$job->id}")->json('report'), 'set.cone');
        $try = fn (int $n, array $try, string $by = 'dial_gauge') => $this->keep($job, "set.cone.try.$n", $try, ['instrument' => $by]);
        $try(1, ['mark' => 0, 'stage' => 'nowhere', 'felt' => 'play'])->assertStatus(422);
        $try(1, ['mark' => 'x', 'stage' => 'open', 'felt' => 'play'])->assertStatus(422);
        $try(1, ['mark' => 0, 'stage' => 'open', 'felt' => 'play', 'typed' => '1.2'])->assertCreated();
        $try(2, ['mark' => 0, 'stage' => 'locked', 'felt' => 'play', 'typed' => '0.9'])->assertCreated();
        self::assertFalse($step()['done']);
        $cone = $this->getJson("/api/v1/jobs/{$job->id}")->json('report.set.cone');
        self::assertEqualsWithDelta(34, $cone['turn_deg'], 4);
        $try(3, ['mark' => $cone['set_deg'], 'stage' => 'open', 'felt' => 'trace', 'typed' => '0.35'])->assertCreated();
        $try(4, ['mark' => $cone['set_deg'], 'stage' => 'locked', 'felt' => 'none'])->assertCreated();
        self::assertSame(['coach.done', true], [$step()['verdicts'][0]['headline']['key'], $step()['done']]);
        self::assertSame('dial_gauge', Record::query()->where('place', 'set.cone.try.1')->firstOrFail()->instrument);
    }
}
