<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Models\Job;
use App\Models\Photo;
use App\Models\Role;
use App\Models\Tool;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Tests\Job\RandomAnswers;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** A job goes out as one file and comes in again, in this shop or another. */
final class JobFilesTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

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
        self::assertStringContainsString("says that {$this->user->name} signed it there", $sheet['said_signed']['text']);
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
        $taken = $this->take($file)->assertCreated()->json('id');
        $this->nobody()->actingAs($this->person(Role::Apprentice, $this->user)->load('shop'));
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
}
