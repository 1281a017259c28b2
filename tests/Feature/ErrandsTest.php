<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Errands\RunErrand;
use App\Models\Errand;
use App\Models\Job;
use App\Models\ListedPrice;
use App\Models\Record;
use App\Models\Role;
use App\Models\Supplier;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What takes longer than an answer may is done behind it: once, all or nothing, and told to whoever asked. */
final class ErrandsTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    /** @return array<string, mixed> a job file that is too long for an answer */
    private function long(int $records = 8_000): array
    {
        $file = JobFilesTest::file();
        $file['records'] = array_merge(...array_fill(0, intdiv($records, 2), $file['records']));

        return $file;
    }

    /**
     * @param  array<string, mixed>  $file
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function send(array $file, string $id): TestResponse
    {
        $upload = UploadedFile::fake()->createWithContent('job.json', (string) json_encode($file));

        return $this->post('/api/v1/jobs/file', ['id' => $id, 'file' => $upload], ['Accept' => 'application/json']);
    }

    public function test_a_long_job_file_is_taken_behind_the_answer_and_once(): void
    {
        Queue::fake();
        $id = (string) Str::uuid();
        $this->send($this->long(), $id)->assertStatus(202)->assertJsonPath('state', 'waiting')->assertJsonPath('id', $id);
        $this->send($this->long(), $id)->assertStatus(202);
        Queue::assertPushed(RunErrand::class, 1);
        self::assertSame(0, Job::query()->count(), 'nothing is there before it is done');

        $run = new RunErrand($this->user->shop_id, $id);
        $this->app->call($run->handle(...));
        $done = $this->getJson("/api/v1/errands/$id")->assertOk()->assertJsonPath('state', 'done')->json();
        self::assertSame(8_000, Record::query()->where('job_id', $done['job'])->count());
        self::assertNull(Errand::query()->whereKey($id)->value('given'), 'the file is not kept');
        // A worker that was cut off begins again; what was done is not done twice.
        $this->app->call($run->handle(...));
        self::assertSame(1, Job::query()->count());
        // Nor where it was cut off between the job and the word that it is done.
        $given = DB::raw("decode('".base64_encode((string) json_encode($this->long()))."', 'base64')");
        DB::table('errands')->where('id', $id)->update(['state' => 'running', 'given' => $given, 'answer' => null, 'ended_at' => null]);
        $this->app->call($run->handle(...));
        $this->getJson("/api/v1/errands/$id")->assertJsonPath('state', 'done')->assertJsonPath('job', $done['job']);
        self::assertSame(1, DB::table('jobs')->count());
        $this->send($this->long(), $id)->assertCreated()->assertJsonPath('id', $done['job']);
    }

    public function test_a_long_file_that_is_not_sound_says_so_and_leaves_nothing(): void
    {
        $file = $this->long();
        $file['records'][5_000]['made_at'] = 'yesterday-ish!';
        $id = (string) Str::uuid();
        // Without a worker it is done at once, and told all the same.
        $this->send($file, $id)->assertStatus(202)->assertJsonPath('state', 'failed');
        $this->getJson("/api/v1/errands/$id")
            ->assertJsonPath('problem', 'The file is not sound at "records.5000.made_at".')
            ->assertJsonPath('field', 'file');
        self::assertSame(0, Job::query()->count());
    }

    public function test_a_small_one_is_done_at_once_and_what_was_refused_may_come_again_under_its_id(): void
    {
        $id = (string) Str::uuid();
        $bad = ['version' => 2] + JobFilesTest::file();
        $this->send($bad, $id)->assertStatus(422);
        self::assertSame(0, Errand::query()->count());
        $job = $this->send(JobFilesTest::file(), $id)->assertCreated()->json('id');
        $this->send(JobFilesTest::file(), $id)->assertCreated()->assertJsonPath('id', $job);
        self::assertSame(1, Job::query()->count());
    }

    public function test_an_errand_is_told_to_whoever_asked_for_it_alone(): void
    {
        $id = (string) Str::uuid();
        $this->send(JobFilesTest::file(), $id)->assertCreated();
        $this->nobody()->actingAs($this->person(Role::Owner, $this->user)->load('shop'));
        $this->getJson("/api/v1/errands/$id")->assertForbidden();
        $this->send(JobFilesTest::file(), $id)->assertStatus(409);
        $this->nobody()->actingAs($this->person(Role::Owner)->load('shop'));
        $this->getJson("/api/v1/errands/$id")->assertNotFound();
        $this->send(JobFilesTest::file(), $id)->assertStatus(409);
    }

    public function test_a_long_price_list_is_read_behind_the_answer(): void
    {
        $this->nobody()->actingAs($this->person(Role::Owner, $this->user)->load('shop'));
        $supplier = new Supplier(['name' => 'Counter']);
        $supplier->forceFill(['shop_id' => $this->user->shop_id])->save();
        $list = "article;price;description\n".implode("\n", array_map(
            static fn (int $n): string => "6204-$n;4,20;".str_repeat('Deep groove ball bearing ', 4),
            range(1, 1_000),
        ));
        Queue::fake();
        $id = (string) Str::uuid();
        $this->post("/api/v1/suppliers/{$supplier->id}/prices", [
            'id' => $id,
            'list' => UploadedFile::fake()->createWithContent('prices.csv', $list),
            'keep' => '1',
        ], ['Accept' => 'application/json'])->assertStatus(202)->assertJsonPath('prices', null);
        $this->app->call((new RunErrand($this->user->shop_id, $id))->handle(...));
        $said = $this->getJson("/api/v1/errands/$id")->assertOk()->json();
        self::assertSame(['done', 1_000, true], [$said['state'], $said['prices']['taken'], $said['prices']['kept']]);
        self::assertSame(1_000, ListedPrice::query()->where('supplier_id', $supplier->id)->count());
    }

    public function test_what_was_given_up_says_so(): void
    {
        Queue::fake();
        $id = (string) Str::uuid();
        $this->send($this->long(), $id)->assertStatus(202);
        (new RunErrand($this->user->shop_id, $id))->failed(null);
        $this->getJson("/api/v1/errands/$id")
            ->assertJsonPath('state', 'failed')
            ->assertJsonPath('problem', 'It took too long and was given up. Nothing of it was kept.');
    }
}
