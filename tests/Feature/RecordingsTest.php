<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFile\JobFile;
use App\JobFile\SoundFile;
use App\JobFile\TakeJob;
use App\Models\Hearing;
use App\Models\Job;
use App\Models\Record;
use App\Models\Recording;
use App\Models\Role;
use App\Models\User;
use App\Sounds\HearRecording;
use App\Store\RecordChain;
use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\ContactMicrophone;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Practice\Bench\Spin\Recorded;
use CleanRace\Core\Practice\Bench\Spin\Scene;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Sound\Wave\WaveText;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Recordings of spun wheels: kept, listened to, evidence, gone before the signature, part of the job wherever it goes. */
final class RecordingsTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person(Role::Owner);
        $this->job = $this->jobOf($this->user);
        $this->actingAs($this->user);
    }

    private static function wheel(int $seed, Fault $fault = Fault::None, float $size = 36.0): Recorded
    {
        $balls = BallSet::usual(Length::mm(20), Length::mm(47));
        $scene = new Scene($balls, TurningRing::Outer, $fault, $size, seconds: 14.0, rate: 16_000);

        return (new ContactMicrophone(new Chance(new Mt19937($seed))))->record($scene);
    }

    private function send(string $wave, ?string $id = null): string
    {
        $id ??= (string) Str::uuid();
        $file = UploadedFile::fake()->createWithContent('wheel.wav', $wave);
        $this->post("/api/v1/jobs/{$this->job->id}/recordings", ['id' => $id, 'recording' => $file], ['Accept' => 'application/json'])
            ->assertCreated()
            ->assertJsonPath('id', $id);

        return $id;
    }

    private function record(Recorded $wheel, string $place = 'check.sound_left'): string
    {
        $id = $this->send($wheel->wave());
        $this->keep($this->job, $place, ['recording' => $id, 'taps' => $wheel->taps, 'taps_heard' => false])->assertCreated();

        return $id;
    }

    /** @return array<string, mixed> what stands at a place of a job */
    private function standing(Job $job, string $place): array
    {
        $entries = $this->getJson("/api/v1/jobs/{$job->id}")->assertOk()->json('entries');

        return array_column($entries, 'value', 'place')[$place] ?? [];
    }

    public function test_a_recording_is_kept_listened_to_and_is_evidence(): void
    {
        $this->keep($this->job, 'size.left.number', ['text' => '6204'])->assertCreated();
        $id = $this->record(self::wheel(3, Fault::Outer));
        $sheet = $this->getJson("/api/v1/recordings/$id")->assertOk()->assertJsonPath('waits', false);
        $sheet->assertJsonPath('heard.finding', 'outer_ring');
        self::assertEqualsWithDelta(14.0, $sheet->json('seconds'), 0.01);
        self::assertMatchesRegularExpression('/^[0-9a-f]{128}$/', $sheet->json('heard.picture.turns.0'));
        $value = $this->standing($this->job, 'check.sound_left');
        self::assertSame('outer_ring', $value['heard']['finding']);
        self::assertArrayNotHasKey('picture', $value['heard']);
        $said = json_encode($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.stations.0'), JSON_THROW_ON_ERROR);
        self::assertStringContainsString('hurt outer ring is heard', $said);
    }

    public function test_it_is_written_anew_and_played_again(): void
    {
        $samples = array_map(static fn (int $n): float => 0.4 * sin($n / 5), range(0, 4 * 8_000));
        $junk = 'junk'.pack('V', 14).'who was there.';
        $wave = WaveText::of($samples, 8_000);
        $body = 'WAVE'.$junk.substr($wave, 12);
        $id = $this->send('RIFF'.pack('V', strlen($body)).$body);
        $played = $this->get("/files/recordings/$id.wav")->assertOk()->assertHeader('Content-Type', 'audio/wav');
        self::assertStringNotContainsString('who was there', (string) $played->getContent());
        self::assertSame(count($samples), WaveFile::ofText((string) $played->getContent())->frames);
        $policy = (string) $this->get('/')->headers->get('Content-Security-Policy');
        self::assertStringContainsString("media-src 'self' blob:", $policy);
        self::assertStringContainsString('microphone=(self)', (string) $this->get('/')->headers->get('Permissions-Policy'));
    }

    public function test_what_is_no_recording_is_refused_in_a_sentence_and_nothing_is_kept(): void
    {
        $cut = substr(WaveText::of([0.1, 0.2, 0.3], 8_000), 0, 46);
        foreach (['A note.', $cut, WaveText::of(array_fill(0, 9_000, 0.1), 192_000)] as $bad) {
            $file = UploadedFile::fake()->createWithContent('wheel.wav', $bad);
            $url = "/api/v1/jobs/{$this->job->id}/recordings";
            $this->post($url, ['id' => (string) Str::uuid(), 'recording' => $file], ['Accept' => 'application/json'])
                ->assertUnprocessable()
                ->assertJsonPath('errors.0.field', 'recording');
        }
        self::assertSame(0, Recording::query()->count());
        $this->keep($this->job, 'check.sound_left', ['recording' => (string) Str::uuid(), 'taps' => []])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.detail', 'That recording did not arrive. Record it again.');
    }

    public function test_the_same_id_twice_is_one_and_another_job_cannot_have_it(): void
    {
        $wave = WaveText::of(array_fill(0, 9_000, 0.1), 8_000);
        $id = $this->send($wave);
        $this->send($wave, $id);
        self::assertSame(1, Recording::query()->count());
        $this->job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        $file = UploadedFile::fake()->createWithContent('wheel.wav', $wave);
        $this->post("/api/v1/jobs/{$this->job->id}/recordings", ['id' => $id, 'recording' => $file], ['Accept' => 'application/json'])
            ->assertConflict();
        $this->keep($this->job, 'check.sound_left', ['recording' => $id, 'taps' => []])->assertUnprocessable();
    }

    public function test_it_is_listened_to_anew_when_more_is_known(): void
    {
        $id = $this->record(self::wheel(3, Fault::Outer));
        $this->getJson("/api/v1/recordings/$id")->assertJsonPath('heard.strengths.outer_ring', null);
        $this->keep($this->job, 'size.left.number', ['text' => '6204'])->assertCreated();
        // The worker of a test answers at once: asked the second time it is there.
        $this->getJson("/api/v1/recordings/$id")->assertJsonPath('waits', true);
        $this->getJson("/api/v1/recordings/$id")->assertJsonPath('waits', false)->assertJsonPath('heard.finding', 'outer_ring');
    }

    public function test_one_that_the_program_fails_over_says_so_and_is_not_tried_for_ever(): void
    {
        $id = $this->record(self::wheel(5));
        DB::table('hearings')->delete();
        (new HearRecording($this->user->shop_id, $id))->failed(null);
        $sheet = $this->getJson("/api/v1/recordings/$id")->assertJsonPath('waits', false)->assertJsonPath('heard', null);
        self::assertStringContainsString('It can be played', $sheet->json('fault'));
    }

    public function test_after_is_held_against_before(): void
    {
        $this->keep($this->job, 'size.left.number', ['text' => '6204'])->assertCreated();
        $this->record(self::wheel(3, Fault::Outer));
        $after = $this->record(self::wheel(5), 'prove.after.sound_left');
        $said = json_encode($this->getJson("/api/v1/recordings/$after")->json('heard.comparison.words'), JSON_THROW_ON_ERROR);
        self::assertStringContainsString('that was heard before is no longer', $said);
    }

    public function test_before_the_signature_it_can_be_thrown_away_and_after_it_cannot(): void
    {
        $id = $this->record(self::wheel(5));
        $this->deleteJson("/api/v1/recordings/$id")->assertNoContent();
        self::assertSame(0, Recording::query()->count() + Hearing::query()->count());
        self::assertNull(Record::query()->where('place', 'check.sound_left')->orderByDesc('seq')->firstOrFail()->value);
        self::assertSame(1, DB::table('log_lines')->where('what', 'recording_removed')->count());
        self::assertSame([], RecordChain::of($this->job)->broken);
        $kept = $this->record(self::wheel(6));
        $this->signedOn($this->job, '2026-11-20');
        $this->actingAs($this->user)->deleteJson("/api/v1/recordings/$kept")->assertConflict();
        self::assertSame(1, Recording::query()->count());
    }

    public function test_recorded_again_the_one_before_goes_and_not_before_the_new_one_is_kept(): void
    {
        $first = $this->record(self::wheel(5));
        $this->keep($this->job, 'check.sound_left', ['recording' => (string) Str::uuid(), 'taps' => []])->assertUnprocessable();
        self::assertSame([$first], Recording::query()->pluck('id')->all(), 'what was refused takes nothing away');
        $second = $this->record(self::wheel(6));
        self::assertSame([$second], Recording::query()->pluck('id')->all());
        self::assertSame(1, DB::table('log_lines')->where('what', 'recording_removed')->count());
        self::assertSame($second, $this->standing($this->job, 'check.sound_left')['recording']);
        self::assertSame([], RecordChain::of($this->job)->broken);
    }

    public function test_the_store_holds_it(): void
    {
        $id = $this->record(self::wheel(5));
        $refused = 0;
        $tries = [
            "update recordings set wav = 'x' where id = '$id'",
            "delete from recordings where id = '$id'",
            'truncate recordings cascade',
        ];
        foreach ($tries as $tried) {
            DB::beginTransaction();
            try {
                DB::statement($tried);
                self::fail("$tried was done.");
            } catch (QueryException) {
                $refused++;
            } finally {
                DB::rollBack();
            }
        }
        self::assertSame(3, $refused);
        self::assertSame([], RecordChain::of($this->job)->broken);
    }

    public function test_what_is_erased_of_a_customer_is_the_sound_too(): void
    {
        $id = $this->record(self::wheel(5));
        $this->deleteJson("/api/v1/machines/{$this->job->machine_id}/customer")->assertSuccessful();
        $this->getJson("/api/v1/recordings/$id")->assertOk()->assertJsonPath('waits', false);
        self::assertNotNull($this->getJson("/api/v1/recordings/$id")->json('erased_at'));
        $this->get("/files/recordings/$id.wav")->assertNotFound();
        $chain = RecordChain::of($this->job);
        self::assertSame([[], 1], [$chain->broken, count($chain->erased)]);
    }

    public function test_it_goes_out_with_the_job_and_comes_in_unbelieved(): void
    {
        $this->keep($this->job, 'size.left.number', ['text' => '6204'])->assertCreated();
        $this->record(self::wheel(3, Fault::Outer));
        $file = JobFile::of($this->job->load('machine', 'shop', 'signOff'));
        self::assertCount(1, $file['recordings']);
        $said = array_column($file['records'], 'value', 'place')['check.sound_left'];
        self::assertSame(['recording', 'taps', 'taps_heard'], array_keys($said));
        foreach ($file['records'] as $i => $one) {
            $file['records'][$i]['value']['heard'] = ['finding' => 'quiet'];
        }
        $forged = ['recording' => 'recording-9', 'heard' => ['finding' => 'ball']];
        $file['records'][] = ['place' => 'check.sound_right', 'value' => $forged] + $file['records'][0];
        $taken = $this->app->make(TakeJob::class)($this->user, SoundFile::read(json_encode($file, JSON_THROW_ON_ERROR)));
        self::assertSame('outer_ring', $this->standing($taken, 'check.sound_left')['heard']['finding']);
        self::assertArrayNotHasKey('heard', $this->standing($taken, 'check.sound_right'));
        self::assertSame([], RecordChain::of($taken)->broken);
        $counter = $this->person(Role::Counter, $this->user);
        $this->actingAs($counter);
        self::assertSame([], $this->get("/files/jobs/{$this->job->id}/job.json")->assertOk()->json('recordings'));
    }

    public function test_how_it_runs_out_is_tapped_without_a_microphone(): void
    {
        $this->keep($this->job, 'check.spin_down', ['taps' => [0.0, 0.41, 0.83]])->assertUnprocessable();
        $this->keep($this->job, 'check.spin_down', ['taps' => [0, 0.41, 0.83, 1.26, 1.7, 2.15, 2.61, 3.09, 3.58, 4.09]])->assertCreated();
        $steps = json_encode($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.stations.0.steps'), JSON_THROW_ON_ERROR);
        self::assertStringContainsString('spin.rate', $steps);
    }
}
