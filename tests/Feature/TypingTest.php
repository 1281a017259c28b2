<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Notes;
use App\Console\BenchTables;
use App\Models\Job;
use CleanRace\Core\Tables\Table;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Cookie;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What is asked while people type: quick because of what is left out, and right in spite of it. */
final class TypingTest extends TestCase
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

    protected function tearDown(): void
    {
        Table::readyIn(null);
        File::deleteDirectory(BenchTables::folder());
        parent::tearDown();
    }

    public function test_the_notebook_read_quickly_is_the_one_read_in_full(): void
    {
        $this->keep($this->job, 'size.over_faces', ['typed' => '104'], ['instrument' => 'steel_rule'])->assertCreated();
        $this->keep($this->job, 'size.over_faces', ['typed' => '104.2'])->assertCreated();
        $this->keep($this->job, 'check.spin', ['choice' => 'rumble'])->assertCreated();
        $this->keep($this->job, 'check.spin', null)->assertCreated();
        $this->keep($this->job, 'part.sleeve', ['state' => 'on_tray', 'condition' => 'note'])->assertCreated();
        self::assertEquals(Notes::of($this->job)->notebook(), Notes::notebookOf($this->job));
        self::assertSame(104.2, Notes::notebookOf($this->job)->length('size.over_faces')?->mm, 'the latest stands');
        self::assertFalse(Notes::notebookOf($this->job)->has('check.spin'), 'what was withdrawn is gone');
    }

    public function test_an_answer_that_only_reads_the_session_leaves_it_as_it_was(): void
    {
        $names = static fn (TestResponse $answer): array => array_map(
            static fn (Cookie $cookie): string => $cookie->getName(),
            $answer->assertOk()->headers->getCookies(),
        );
        $session = config('session.cookie');
        $preview = $this->postJson("/api/v1/jobs/{$this->job->id}/preview", [
            'drafts' => [['place' => 'size.over_faces', 'entry' => ['typed' => '104']]],
        ]);
        self::assertNotContains($session, $names($preview));
        self::assertNotContains($session, $names($this->postJson('/api/v1/calculators/length', ['typed' => '1 in'])));
        self::assertContains($session, $names($this->getJson('/api/v1/session')), 'others keep it fresh');
    }

    public function test_wrong_input_is_told_to_the_person_and_not_to_the_log(): void
    {
        $log = Log::spy();
        $this->postJson('/api/v1/calculators/length', ['typed' => 'abc'])->assertStatus(422);
        $this->postJson('/api/v1/calculators/nothing', [])->assertStatus(404);
        $this->keep($this->job, 'size.over_faces', ['typed' => '-3'])->assertStatus(422);
        $log->shouldNotHaveReceived('error');
    }

    public function test_tables_laid_ready_say_what_the_csv_says(): void
    {
        $read = array_combine(Table::names(), array_map(Table::rows(...), Table::names()));
        self::assertSame(0, Artisan::call('bench:tables'));
        foreach ($read as $name => $rows) {
            self::assertSame($rows, require BenchTables::folder()."/$name.php", $name);
        }
        foreach (BenchTables::indexes() as $name => $index) {
            self::assertSame($index, require BenchTables::folder()."/index.$name.php", $name);
        }
        self::assertSame(Table::stamp(), require BenchTables::folder().'/stamp.php');
        self::assertCount(1 + count($read) + count(BenchTables::indexes()), glob(BenchTables::folder().'/*.php') ?: []);
    }

    public function test_every_record_of_a_part_stands_in_the_order_it_came_off(): void
    {
        foreach (['seal_right', 'axle', 'spacer_left'] as $part) {
            $this->keep($this->job, "part.$part", ['state' => 'on_tray', 'condition' => 'use'])->assertCreated();
        }
        $this->keep($this->job, 'part.seal_right', ['state' => 'on_tray', 'condition' => 'replace'])->assertCreated();
        $order = array_column($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.tray'), 'order', 'part');
        self::assertSame([2, 3, 1], [$order['axle'], $order['spacer_left'], $order['seal_right']], 'changed later, it keeps its place');
    }

    public function test_a_preview_of_a_change_to_the_hub_keeps_nothing(): void
    {
        $draft = ['drafts' => [['place' => 'hub.edits', 'entry' => ['do' => 'remove', 'part' => 'sleeve']]]];
        $parts = $this->postJson("/api/v1/jobs/{$this->job->id}/preview", $draft)
            ->assertOk()
            ->json('section.pieces');
        self::assertNotContains('sleeve', array_column($parts, 'part'));
        self::assertContains('sleeve', array_column($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.hub.parts'), 'part'));
    }

    public function test_a_hub_without_its_sleeve_is_still_a_job(): void
    {
        foreach (['sleeve', 'bearing_right', 'seal_left', 'axle', 'housing'] as $part) {
            $this->keep($this->job, 'hub.edits', ['do' => 'remove', 'part' => $part])->assertCreated();
            $report = $this->getJson("/api/v1/jobs/{$this->job->id}")
                ->assertOk()
                ->json('report');
            self::assertCount(7, $report['stations']);
            self::assertSame(
                in_array($part, ['axle', 'housing'], true),
                in_array('stack.none', array_column(array_column($report['hub']['faults'], 'say'), 'key'), true),
                $part,
            );
        }
        $this->get("/files/jobs/{$this->job->id}/card.pdf")->assertOk();
        $this->get("/files/jobs/{$this->job->id}/hub.dxf")->assertOk();
    }

    public function test_the_same_change_sent_twice_is_made_once(): void
    {
        $id = (string) Str::uuid();
        $change = ['id' => $id, 'place' => 'hub.edits', 'entry' => ['do' => 'duplicate', 'part' => 'seal_left']];
        $this->postJson("/api/v1/jobs/{$this->job->id}/records", $change)->assertCreated();
        $this->postJson("/api/v1/jobs/{$this->job->id}/records", $change)->assertOk();
        $parts = array_column($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.hub.parts'), 'part');
        self::assertCount(2, array_filter($parts, static fn (string $p): bool => str_starts_with($p, 'seal_left')));
    }

    public function test_a_preview_brings_the_station_at_hand_as_it_would_stand_and_nothing_of_the_others(): void
    {
        $drafts = ['drafts' => [['place' => 'size.over_faces', 'entry' => ['typed' => '104']]]];
        $kept = $this->getJson("/api/v1/jobs/{$this->job->id}")->json('report');
        $shown = [
            'tools' => 'strip',
            'part_findings' => 'size',
            'seats' => 'size',
            'to_buy' => 'source',
            'matches' => 'source',
            'drivers' => 'seat',
            'set' => 'set',
            'blocks' => 'prove',
            'may_sign' => 'prove',
        ];
        foreach (['check_in', 'strip', 'size', 'source', 'seat', 'set', 'prove'] as $station) {
            $live = $this->postJson("/api/v1/jobs/{$this->job->id}/preview", $drafts + ['station' => $station])->assertOk();
            self::assertSame([$station], array_column($live->json('stations'), 'station'));
            self::assertLessThan(0.75 * strlen((string) json_encode($kept)), strlen((string) $live->content()));
            foreach ($shown as $what => $where) {
                self::assertSame(
                    $where === $station || ($what === 'set' && $station === 'seat'),
                    $live->json($what) !== null,
                    "$what at $station",
                );
            }
        }
        $this->keep($this->job, 'size.over_faces', ['typed' => '104'])->assertCreated();
        $after = array_column($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.stations'), null, 'station');
        foreach (array_keys($after) as $station) {
            $live = $this->postJson("/api/v1/jobs/{$this->job->id}/preview", $drafts + ['station' => $station])->assertOk();
            self::assertSame($after[$station], $live->json('stations.0'), "$station is previewed as it is once it is kept");
        }
        $this->postJson("/api/v1/jobs/{$this->job->id}/preview", $drafts + ['station' => 'lunch'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'station');
    }
}
