<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use CleanRace\Core\Patterns\HubPatterns;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Hubs of every pattern through the API: opened, edited, taken apart, taken along. */
final class HubsTest extends TestCase
{
    use RefreshDatabase;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $person = $this->person();
        $this->job = $this->jobOf($person);
        $this->actingAs($person);
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function say(string $place, array $entry, ?int $job = null): TestResponse
    {
        return $this->postJson('/api/v1/jobs/'.($job ?? $this->job->id).'/records', [
            'id' => (string) Str::uuid(),
            'place' => $place,
            'entry' => $entry,
        ]);
    }

    /** @return array<string, mixed> */
    private function hub(): array
    {
        return $this->getJson("/api/v1/jobs/{$this->job->id}")
            ->assertOk()
            ->json('report.hub');
    }

    /** @return list<string> */
    private function order(): array
    {
        return array_column($this->hub()['parts'], 'part');
    }

    private function opened(string $pattern): int
    {
        return $this->postJson('/api/v1/jobs', [
            'machine_id' => $this->job->machine_id,
            'wheel' => "Wheel $pattern",
            'pattern' => $pattern,
            'complaint' => 'Hums',
        ])
            ->assertCreated()
            ->json('id');
    }

    /** @return iterable<string, array{string}> */
    public static function patterns(): iterable
    {
        foreach (array_keys(HubPatterns::all()) as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('patterns')]
    public function test_every_part_that_is_bought_new_is_matched_old_beside_new(string $pattern): void
    {
        $id = $this->opened($pattern);
        foreach ($this->getJson("/api/v1/jobs/$id")->json('report.tray') as $item) {
            $this->say("part.{$item['part']}", ['state' => 'on_tray', 'condition' => 'replace'], $id)->assertCreated();
        }
        $asked = array_merge(
            ...array_map(
                static fn (array $step): array => $step['panel'] === 'match' ? $step['asks'] : [],
                $this->getJson("/api/v1/jobs/$id")->json('report.stations.3.steps'),
            ),
        );
        self::assertGreaterThan(2, count($asked));
        foreach ($asked as $ask) {
            $this->say($ask['place'], ['typed' => '20', 'text' => '6204 2RS'], $id)->assertCreated();
        }
    }

    #[DataProvider('patterns')]
    public function test_a_job_of_every_pattern_opens_is_drawn_and_goes_onto_the_tray(string $pattern): void
    {
        $id = $this->opened($pattern);
        // What goes into a hub of cups does not come out of it: here it has cartridges from another time.
        $this->say('hub.now', ['choice' => 'cartridges'], $id)->assertCreated();
        $sheet = $this->getJson("/api/v1/jobs/$id")->assertOk();
        self::assertSame($pattern, $sheet->json('report.hub.pattern'));
        self::assertSame([], $sheet->json('report.hub.faults'));
        $strip = $sheet->json('report.stations.1.steps');
        foreach ($strip as $step) {
            foreach ($step['asks'] as $ask) {
                if ($ask['kind'] === 'part') {
                    $this->say($ask['place'], ['state' => 'on_tray', 'condition' => 'use'], $id)->assertCreated();
                }
                if ($ask['picture'] !== null) {
                    $this->say($ask['place'], ['skipped' => 'Bent'], $id)->assertCreated();
                }
            }
        }
        $after = $this->getJson("/api/v1/jobs/$id")->assertOk();
        foreach ($after->json('report.tray') as $item) {
            self::assertContains($item['state'], $item['kind'] === 'nipple' ? ['in_place'] : ['on_tray'], $item['part']);
        }
        self::assertGreaterThan(
            0,
            count(array_filter($after->json('report.blocks'), static fn (array $b): bool => str_starts_with($b['step'], 'tray.'))),
            'nothing on the tray is forgotten',
        );
        foreach ($after->json('report.stations.4.steps') as $step) {
            foreach ($step['asks'] as $ask) {
                if ($ask['kind'] === 'part') {
                    $this->say($ask['place'], ['state' => 'fitted'], $id)->assertCreated();
                }
            }
        }
        $this->get("/files/jobs/$id/card.pdf")->assertOk();
    }

    public function test_several_wheels_become_several_jobs_or_none(): void
    {
        $body = [
            'machine_id' => $this->job->machine_id,
            'complaint' => 'All hum',
            'wheels' => array_map(static fn (string $w): array => ['wheel' => $w, 'pattern' => 'knuckle-wide'], [
                'Front left',
                'Front right',
                'Rear left',
                'Rear right',
            ]),
        ];
        $jobs = $this->postJson('/api/v1/jobs/several', $body)->assertCreated()->json('data');
        self::assertSame(['Front left', 'Front right', 'Rear left', 'Rear right'], array_column($jobs, 'wheel'));
        self::assertCount(4, array_unique(array_column($jobs, 'number')));
        $before = Job::query()->count();
        $body['wheels'][3]['pattern'] = 'unknown';
        $this->postJson('/api/v1/jobs/several', $body)->assertStatus(422)->assertJsonPath('errors.0.field', 'wheels.3.pattern');
        $body['wheels'][3] = $body['wheels'][0];
        $this->postJson('/api/v1/jobs/several', $body)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.detail', 'The same wheel is named twice.');
        $this->postJson('/api/v1/jobs/several', ['wheels' => []] + $body)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'wheels');
        self::assertSame($before, Job::query()->count());
    }

    public function test_a_hub_is_changed_undone_and_redone(): void
    {
        $usual = $this->order();
        $this->say('hub.edits', ['do' => 'move', 'part' => 'sleeve', 'by' => 1])->assertCreated();
        self::assertNotSame($usual, $this->order());
        $this->say('hub.edits', ['do' => 'resize', 'part' => 'sleeve', 'size' => 'length', 'typed' => '2 in'])->assertCreated();
        $this->say('hub.edits', ['do' => 'undo'])->assertCreated();
        $this->say('hub.edits', ['do' => 'undo'])->assertCreated();
        self::assertSame($usual, $this->order());
        self::assertSame([false, true], [$this->hub()['may_undo'], $this->hub()['may_redo']]);
        $this->say('hub.edits', ['do' => 'redo'])->assertCreated();
        self::assertNotSame($usual, $this->order());
        $faults = $this->hub()['faults'];
        self::assertSame('stack.sleeve_outside', $faults[0]['say']['key']);
        $this->say('hub.as_found', ['done' => true])->assertCreated();
        self::assertTrue($this->hub()['as_found']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongChanges(): iterable
    {
        yield 'no such part' => [['do' => 'remove', 'part' => 'wing'], 'There is no such part in this hub.'];
        yield 'nothing to undo' => [['do' => 'undo'], 'There is nothing to undo.'];
        yield 'nine metres' => [['do' => 'resize', 'part' => 'sleeve', 'size' => 'length', 'typed' => '9 m'], 'is more than 2 metres'];
        yield 'no verb' => [['part' => 'sleeve'], 'Say what to do'];
        yield 'a list for a part' => [['do' => 'flip', 'part' => ['sleeve']], 'Say the part.'];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('wrongChanges')]
    public function test_a_wrong_change_is_refused_with_a_sentence_and_nothing_is_lost(array $entry, string $sentence): void
    {
        $usual = $this->order();
        $answer = $this->say('hub.edits', $entry)->assertStatus(422)->assertJsonPath('errors.0.field', 'hub.edits');
        self::assertStringContainsString($sentence, $answer->json('detail'));
        self::assertSame($usual, $this->order());
    }

    public function test_another_way_rewrites_the_plan(): void
    {
        $steps = fn (): array => array_column($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.stations.1.steps'), 'id');
        self::assertContains('strip.crescent', $steps());
        $this->say('strip.way', ['choice' => 'puller'])->assertCreated();
        $this->say('strip.condition', ['choices' => ['corroded', 'burst']])->assertCreated();
        self::assertNotContains('strip.crescent', $steps());
        self::assertContains('strip.soak', $steps());
        $this->say('strip.burst.count', ['text' => '7'])->assertCreated();
        $this->job->shop->update(['habits' => ['extraction' => 'rod', 'heat' => 'warm']]);
        self::assertContains('strip.warm', $steps());
    }

    public function test_the_owner_sets_the_shops_way_and_a_plan_follows_it(): void
    {
        $owner = $this->person(Role::Owner);
        $job = $this->jobOf($owner);
        $this->actingAs($owner);
        $steps = fn (): array => array_column(
            $this->getJson("/api/v1/jobs/{$job->id}")
                ->assertOk()
                ->json('report.stations.1.steps'),
            'id',
        );
        self::assertNotContains('strip.warm', $steps());
        $this->patchJson('/api/v1/shop', ['habits' => ['heat' => 'warm', 'extraction' => 'rod']])->assertOk();
        self::assertContains('strip.warm', $steps());
        self::assertNotContains('strip.crescent', $steps());
        $this->patchJson('/api/v1/shop', ['habits' => ['heat' => 'boiling']])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'habits.heat');
        $this->patchJson('/api/v1/shop', [])->assertStatus(422)->assertJsonPath('errors.0.field', 'habits');
        self::assertSame(
            ['warm', 'rod'],
            [
                array_column($this->getJson('/api/v1/shop')->json('habits'), 'chosen', 'name')['heat'],
                array_column($this->getJson('/api/v1/shop')->json('habits'), 'chosen', 'name')['extraction'],
            ],
        );
    }

    public function test_what_is_measured_before_keeps_its_photos(): void
    {
        $id = $this->opened('cup-cone');
        $this->say('check.axle_left', ['typed' => '7.5'], $id)->assertCreated();
        $this->say('check.axle_left.photos', ['photos' => ['a', 'b']], $id)->assertCreated();
        $this->say('check.axle_left.photos', ['photos' => 'a'], $id)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'check.axle_left.photos');
        self::assertSame(
            ['a', 'b'],
            array_column($this->getJson("/api/v1/jobs/$id")->json('entries'), null, 'place')['check.axle_left.photos']['value'][
                'photos'
            ],
        );
    }

    public function test_findings_photos_words_and_scrap_stay_with_a_part(): void
    {
        $photo = (string) Str::uuid();
        $this->post(
            "/api/v1/jobs/{$this->job->id}/photos",
            ['id' => $photo, 'photo' => UploadedFile::fake()->image('part.jpg', 300, 200)],
            ['Accept' => 'application/json'],
        )->assertCreated();
        $this->say('part.axle', [
            'state' => 'on_tray',
            'condition' => 'note',
            'findings' => ['rust', 'nonsense'],
            'photos' => [$photo],
            'note' => 'One step, 0.02',
        ])->assertCreated();
        $this->say('part.axle', ['state' => 'fitted'])->assertCreated();
        $item = array_column($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.tray'), null, 'part')['axle'];
        self::assertSame(
            ['fitted', ['Rust'], [$photo], 'One step, 0.02', 1],
            [$item['state'], $item['findings'], $item['photos'], $item['note'], $item['order']],
        );
        $this->say('part.sleeve', ['state' => 'scrapped'])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'Say why it is scrapped.');
        $this->say('part.sleeve', ['state' => 'scrapped', 'reason' => 'Worn short'])->assertCreated();
        self::assertSame(
            'Worn short',
            array_column($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.tray'), null, 'part')['sleeve']['reason'],
        );
    }

    public function test_the_hub_goes_along_as_svg_and_dxf(): void
    {
        $svg = $this->get("/files/jobs/{$this->job->id}/hub.svg")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/svg+xml');
        self::assertNotFalse(simplexml_load_string((string) $svg->content()));
        $dxf = $this->get("/files/jobs/{$this->job->id}/hub.dxf")->assertOk();
        self::assertStringStartsWith("  0\r\nSECTION", (string) $dxf->content());
        self::assertStringContainsString('attachment', (string) $dxf->headers->get('Content-Disposition'));
        $this->getJson("/files/jobs/{$this->job->id}/hub.exe")->assertNotFound();
    }

    public function test_a_tool_that_is_no_driver_needs_no_face(): void
    {
        $this->postJson('/api/v1/tools', ['name' => 'Seal lever', 'kind' => 'seal_lever'])
            ->assertCreated()
            ->assertJsonPath('driver', false);
        $this->postJson('/api/v1/tools', ['name' => 'Cup', 'kind' => 'cup'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'outside_mm');
        $this->postJson('/api/v1/tools', ['name' => 'Spanner 17', 'kind' => 'spanner', 'across_mm' => '17'])
            ->assertCreated()
            ->assertJsonPath('across_mm', 17.0);
        $this->getJson("/api/v1/jobs/{$this->job->id}")
            ->assertOk()
            ->assertJsonCount(0, 'report.drivers.0.choice.tools');
    }
}
