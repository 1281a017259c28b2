<?php

declare(strict_types=1);

namespace Tests\Feature\Kept;

use App\Models\Job;
use App\Models\Record;
use App\Models\Role;
use App\Store\OwnerConnection;
use App\Store\RecordChain;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\JobFilesTest;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Whoever gets hold of the application's own access to the database can change nothing that was kept, and sign nothing. */
final class HeldByTheStoreTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    private const WRITTEN_ONCE = ['addenda', 'kept_words', 'log_lines', 'photos', 'press_traces', 'records', 'sign_offs'];

    /** A signed job with a photo, a trace and a word added. */
    private function whole(): Job
    {
        $job = $this->good();
        $this->photographed($job);
        $trace = ['id' => (string) Str::uuid(), 'seat' => 'left', 'samples' => [[0, 0], [1, 900], [2, 1800]]];
        $this->postJson("/api/v1/jobs/{$job->id}/traces", $trace)->assertCreated();
        $this->sign($job);
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => (string) Str::uuid(), 'text' => 'More'])->assertCreated();

        return $job->refresh();
    }

    private function photographed(Job $job): void
    {
        $photo = ['id' => (string) Str::uuid(), 'photo' => UploadedFile::fake()->image('part.jpg', 60, 40)];
        $this->post("/api/v1/jobs/{$job->id}/photos", $photo)->assertCreated();
    }

    /** @return iterable<string, array{string, string}> what is tried, what the database answers */
    private static function attempts(): iterable
    {
        foreach (self::WRITTEN_ONCE as $table) {
            $column = ['kept_words' => 'text', 'photos' => 'width', 'records' => 'place', 'sign_offs' => 'card'][$table] ?? 'id';
            yield "changing $table" => ["update $table set $column = $column", "permission denied for table $table"];
            yield "deleting from $table" => ["delete from $table", "permission denied for table $table"];
            yield "emptying $table" => ["truncate $table cascade", 'permission denied for table'];
            yield "the triggers of $table" => ["alter table $table disable trigger all", "must be owner of table $table"];
        }
        yield 'emptying jobs' => ['truncate jobs cascade', 'permission denied'];
        yield 'deleting a job' => ['delete from jobs where id = :job', 'permission denied for table jobs'];
        yield 'taking a signature off' => ['update jobs set signed_at = null, signed_by = null where id = :job', 'is signed'];
        yield 'another signer' => ['update jobs set signed_by = :other where id = :job', 'is signed'];
        yield 'another day' => ["update jobs set signed_at = signed_at - interval '1 day' where id = :job", 'is signed'];
        yield 'another wheel' => ["update jobs set wheel = 'x' where id = :job", 'is signed'];
        yield 'a signature of nobody' => ['update jobs set signed_at = now(), signed_by = :other where id = :open', 'is signed by nobody'];
        yield 'a job that is born signed' => [
            'insert into jobs (shop_id, machine_id, number, wheel, pattern, opened_by, standing, signed_at, signed_by)
                select shop_id, machine_id, 777, wheel, pattern, opened_by, standing, now(), opened_by from jobs where id = :open',
            'is signed by nobody',
        ];
        yield 'a reading after the signature' => [
            "insert into records (id, shop_id, job_id, author_id, place, value, made_at, received_at)
                select gen_random_uuid(), shop_id, id, opened_by, 'x', '{}', now(), now() from jobs where id = :job",
            'takes nothing more',
        ];
        yield 'a photo after the signature' => [
            'insert into photos (id, shop_id, job_id, author_id, width, height, jpeg)
                select gen_random_uuid(), shop_id, job_id, author_id, 1, 1, jpeg from photos where job_id = :job',
            'takes nothing more',
        ];
        yield 'a trace after the signature' => [
            'insert into press_traces (id, shop_id, job_id, author_id, seat, source, samples, made_at)
                select gen_random_uuid(), shop_id, job_id, author_id, seat, source, samples, made_at from press_traces where job_id = :job',
            'takes nothing more',
        ];
        yield 'a reading in a job of another shop' => [
            "insert into records (id, shop_id, job_id, author_id, place, value, made_at, received_at)
                select gen_random_uuid(), shop_id + 1, id, opened_by, 'x', '{}', now(), now() from jobs where id = :open",
            'takes nothing more',
        ];
        yield 'other words for a record' => [
            "insert into kept_words (record_id, shop_id, job_id, text, salt)
                select id, shop_id, job_id, 'Never said', '\\x00' from records where job_id = :open and place = 'size.over_faces'",
            'not the words of that record',
        ];
        yield 'where a job came from' => ["update jobs set origin = '{\"shop\": \"x\"}' where id = :taken", 'came from is kept'];
        yield 'a table more' => ['create table mine (id int)', 'permission denied for schema public'];
        yield 'a function more' => ['create function mine() returns int language sql as $$ select 1 $$', 'denied for schema public'];
        yield 'files of the machine' => ["select pg_read_file('/etc/hostname')", 'permission denied'];
        yield 'programs of the machine' => ["copy (select 1) to program 'true'", 'must be superuser'];
        yield 'being somebody else' => ['set role clean_race_owner', 'permission denied'];
        yield 'switching all triggers off' => ['set session_replication_role = replica', 'permission denied'];
        yield 'the digest of a link' => ["update records set chain = '\\x00'", 'permission denied'];
    }

    public function test_the_database_refuses_whatever_is_tried(): void
    {
        $taken = $this->take(JobFilesTest::file())->assertCreated()->json('id');
        $ids = [
            ':job' => $this->whole()->id,
            ':open' => $this->good()->id,
            ':taken' => $taken,
            ':other' => $this->person(Role::Owner, $this->user)->id,
        ];
        $ids = array_map(strval(...), $ids);
        foreach (self::attempts() as $what => [$sql, $says]) {
            $sql = strtr($sql, $ids);
            try {
                DB::transaction(static fn () => DB::unprepared($sql));
                $said = 'It was done.';
            } catch (QueryException $refused) {
                $said = $refused->getMessage();
            }
            self::assertStringContainsString($says, $said, $what);
        }
    }

    public function test_who_works_is_neither_superuser_nor_owner(): void
    {
        $me = DB::selectOne('select rolsuper, rolcreatedb, rolcreaterole, rolbypassrls from pg_roles where rolname = current_user');
        self::assertSame([false, false, false, false], array_values((array) $me));
        self::assertSame(0, DB::table('pg_class')->whereRaw('relowner = current_user::regrole')->count());
        self::assertTrue(OwnerConnection::isApart());
        self::assertFalse(OwnerConnection::get()->selectOne('select rolsuper from pg_roles where rolname = current_user')->rolsuper);
    }

    public function test_a_photo_goes_before_the_signature_and_never_after(): void
    {
        $gone = static fn (int $by): mixed => DB::selectOne('select remove_photo(id, ?) as gone from photos', [$by])->gone;
        $job = $this->good();
        $this->photographed($job);
        self::assertFalse($gone($this->person(Role::Counter, $this->user)->id), 'not by the counter');
        self::assertFalse($gone($this->person(Role::Owner)->id), 'not by another shop');
        $photo = (string) DB::table('photos')->value('id');
        $this->deleteJson("/api/v1/photos/$photo")->assertNoContent();
        $this->get("/files/photos/$photo.jpg")->assertNotFound();
        self::assertSame(1, DB::table('log_lines')->where('what', 'photo_removed')->count());
        $this->whole();
        $kept = (string) DB::table('photos')->value('id');
        $this->deleteJson("/api/v1/photos/$kept")->assertStatus(409)->assertJsonPath('type', '/problems/signed');
        $this->expectExceptionMessage('photos of a signed job are kept');
        $gone($this->user->id);
    }

    public function test_a_customer_is_erased_and_what_was_signed_still_holds(): void
    {
        $owner = $this->person(Role::Owner, $this->user);
        $job = $this->whole();
        $code = RecordChain::of($job)->code;
        $said = Record::query()->where(['job_id' => $job->id, 'place' => 'check.complaint'])->firstOrFail();
        self::assertSame(['text' => 'Hums'], $said->value);
        $erase = static fn (int $by): mixed => DB::selectOne('select erase_customer(?, ?) as erased', [$job->machine_id, $by])->erased;
        self::assertNull($erase($this->user->id), 'the owner alone');
        self::assertNull($erase($this->person(Role::Owner)->id), 'of this shop alone');
        self::assertSame(1, $erase($owner->id));
        $chain = RecordChain::of($job);
        self::assertSame([$code, [], 1], [$chain->code, $chain->broken, count($chain->erased)]);
        self::assertSame(0, DB::table('kept_words')->where('text', 'Hums')->orWhereNotNull('salt')->count());
        $entries = array_column($this->getJson("/api/v1/jobs/{$job->id}")->json('entries'), 'value', 'place');
        self::assertStringStartsWith('Erased on ', $entries['check.complaint']['text']);
        Artisan::call('bench:check-records');
        $line = "Job {$job->number} of {$this->user->shop->name}: erased on ".now()->format('Y-m-d');
        self::assertStringContainsString($line, Artisan::output());
    }

    public function test_the_owner_erases_a_customer_and_somebody_who_left_and_nothing_of_them_is_shown(): void
    {
        $owner = $this->person(Role::Owner, $this->user)->load('shop');
        $job = $this->whole();
        $job->machine->update(['owner' => 'Harbour Hire']);
        $this->nobody()->actingAs($owner);
        $this->deleteJson("/api/v1/machines/{$job->machine_id}/customer")->assertOk()->assertJsonPath('owner', '');
        $this->postJson("/api/v1/people/{$this->user->id}/left")->assertOk();
        $this->deleteJson("/api/v1/people/{$this->user->id}/name")->assertOk()->assertJsonPath('name', "Person {$this->user->id}");
        $all = ["jobs/{$job->id}", "machines/{$job->machine_id}", 'jobs?signed=1', 'people', 'log'];
        foreach ($all as $at) {
            $said = (string) $this->getJson("/api/v1/$at")->assertOk()->getContent();
            foreach (['Hums', 'Harbour Hire', $this->user->name, $this->user->email] as $gone) {
                self::assertStringNotContainsString($gone, $said, $at);
            }
        }
        $file = (string) $this->get("/files/jobs/{$job->id}/job.json")->assertOk()->getContent();
        self::assertStringNotContainsString('Hums', $file);
        self::assertSame([], RecordChain::of($job)->broken);
        self::assertSame(
            ['customer_erased', 'person_erased'],
            DB::table('log_lines')->where('what', 'like', '%_erased')->orderBy('id')->pluck('what')->all(),
        );
        $this->deleteJson("/api/v1/people/{$owner->id}/name")->assertStatus(409);
    }

    public function test_a_job_has_a_code_for_all_its_records(): void
    {
        $job = $this->whole();
        self::assertSame([], RecordChain::of($job)->broken);
        self::assertSame(RecordChain::codeOf($job), RecordChain::of($job)->code);
        self::assertMatchesRegularExpression('/^[0-9A-F]{5}-[0-9A-F]{5}$/', (string) RecordChain::codeOf($job));
        self::assertSame(0, Artisan::call('bench:check-records', ['--job' => $job->number]));
        self::assertStringContainsString((string) RecordChain::codeOf($job), Artisan::output());
    }

    public function test_with_one_role_every_start_says_so(): void
    {
        config(['database.connections.owner' => null]);
        self::assertFalse(OwnerConnection::isApart());
        self::assertSame(DB::getDefaultConnection(), OwnerConnection::name());
    }
}
