<?php

declare(strict_types=1);

namespace Tests\Feature\Kept;

use App\Bench\Notes;
use App\Bench\Standing;
use App\Bench\Workbench;
use App\Models\Job;
use App\Models\Record;
use App\Models\User;
use App\Shapes\Schemas;
use App\Store\OwnerConnection;
use App\Store\RecordChain;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Patterns\HubPatterns;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\HoldsToSchema;
use Tests\TestCase;

/** What was kept by version 0.1 still opens: its demo's database, and a job file of every hub. */
final class OldDataTest extends TestCase
{
    use DatabaseTransactions;
    use HoldsToSchema;

    private const FIXTURES = __DIR__.'/../../fixtures/v0.1';

    private const DATABASE = 'clean_race_test_v01';

    /** A database as version 0.1 left it, brought up to date. Made once for all tests of it. */
    private static bool $made = false;

    public function createApplication()
    {
        $app = parent::createApplication();
        foreach (['pgsql', OwnerConnection::NAME] as $connection) {
            $app->make('config')->set("database.connections.$connection.database", self::DATABASE);
        }
        if (! self::$made) {
            $owner = OwnerConnection::get();
            $old = (string) gzdecode((string) file_get_contents(self::FIXTURES.'/demo.sql.gz'));
            $owner->unprepared("drop schema public cascade; create schema public; $old");
            $owner->disconnect();
            Artisan::call('bench:migrate');
            self::$made = true;
        }

        return $app;
    }

    /**
     * Where tests run side by side, each process has a database of its own; the old one is this class's alone.
     *
     * @return array<class-string, class-string>
     */
    protected function setUpTraits()
    {
        config(['database.connections.pgsql.database' => self::DATABASE]);
        DB::purge();

        return parent::setUpTraits();
    }

    public function test_every_job_of_an_old_database_opens_as_it_stood(): void
    {
        $this->actingAs(User::query()->where('email', 'ines@ferryworks.example')->sole());
        $jobs = Job::query()->with('shop')->orderBy('id')->get();
        $workbench = $this->app->make(Workbench::class);
        self::assertGreaterThan(20, $jobs->count());
        self::assertEqualsCanonicalizing(
            array_map(static fn ($p): string => $p->id(), HubPatterns::all()),
            $jobs->pluck('pattern')->unique()->values()->all(),
        );
        foreach ($jobs as $job) {
            $sheet = $this->getJson("/api/v1/jobs/$job->id")
                ->assertOk()
                ->json();
            $standing = Record::query()
                ->where('job_id', $job->id)
                ->orderBy('seq')
                ->get()
                ->keyBy('place')
                ->filter(static fn (Record $r): bool => $r->value !== null);
            self::assertEqualsCanonicalizing($standing->keys()->all(), array_column($sheet['entries'], 'place'), "job $job->number");
            $noted = Standing::of($workbench->report($job, Notes::notebookOf($job)), Notes::notebookOf($job));
            foreach (['fitted', 'carried', 'look_again'] as $glance) {
                self::assertEquals($noted[$glance] ?? null, $job->standing[$glance] ?? null, "job $job->number is read at a glance");
            }
        }
        $this->getJson('/api/v1/jobs')->assertOk();
        $this->getJson('/api/v1/ahead')->assertOk();
    }

    public function test_what_was_signed_then_has_all_that_a_page_of_today_reads(): void
    {
        $this->actingAs(User::query()->where('email', 'ines@ferryworks.example')->sole());
        $signed = Job::query()->with('signOff')->whereNotNull('signed_at')->get();
        self::assertNotEmpty($signed);
        $schemas = new Schemas();
        foreach ($signed as $job) {
            $report = json_decode(
                (string) $this->get("/api/v1/jobs/$job->id")
                    ->assertOk()
                    ->getContent(),
            )->report;
            $this->assertHolds($schemas->of(JobReport::class), $report, $schemas, "job $job->number", exactly: false);
            $shown = Arr::dot(json_decode((string) json_encode($report), true));
            $frozen = $job->signOff?->card['report'] ?? [];
            // The last station was not signed yet when the card was written.
            $frozen['stations'] = array_slice($frozen['stations'] ?? [], 0, 6);
            self::assertCount(6, $frozen['stations']);
            self::assertEquals(
                [],
                array_udiff_assoc(Arr::dot($frozen), $shown, static fn (mixed $a, mixed $b): int => $a <=> $b),
                'nothing that was said is changed',
            );
        }
    }

    public function test_an_upgrade_that_fails_leaves_all_as_it_was(): void
    {
        $folder = sys_get_temp_dir().'/clean-race-migrations-'.Str::random(8);
        mkdir($folder);
        $migration = '<?php return new class extends Illuminate\\Database\\Migrations\\Migration { public function up(): void { %s } };';
        $wings = 'Illuminate\\Support\\Facades\\DB::statement("create table wings (id int)");';
        file_put_contents("$folder/2099_01_01_000000_wings.php", sprintf($migration, $wings));
        file_put_contents("$folder/2099_01_02_000000_fall.php", sprintf($migration, 'throw new RuntimeException("It broke off.");'));
        $this->app->make('migrator')->path($folder);
        $done = DB::table('migrations')->count();
        try {
            Artisan::call('bench:migrate');
            self::fail('It did not break off.');
        } catch (RuntimeException $fault) {
            self::assertSame('It broke off.', $fault->getMessage());
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
        self::assertSame($done, DB::table('migrations')->count());
        self::assertNull(DB::selectOne("select to_regclass('wings') as wings")->wings, 'nor is there anything of the one before');
    }

    /** @return iterable<string, array{string, list<string>}> what somebody does to it who may do anything, the places that tell */
    public static function tampering(): iterable
    {
        $third = '(select id from records where job_id = :job order by seq offset 2 limit 1)';
        $place = 'the third';
        yield 'a value changed' => ["update records set value = '{}' where id = $third", [$place]];
        yield 'another author' => ["update records set author_id = (select max(id) from users) where id = $third", [$place]];
        yield 'another hour' => ["update records set made_at = made_at + interval '1 second' where id = $third", [$place]];
        yield 'one taken out' => ["delete from records where id = $third", ['the fourth']];
        yield 'the last one taken out' => [
            'delete from records where id = (select id from records where job_id = :job order by seq desc limit 1)',
            ['signature'],
        ];
        yield 'other words of the customer' => ["update kept_words set text = 'Never said' where job_id = :job", ['check.complaint']];
        yield 'words thrown away' => ['delete from kept_words where job_id = :job', ['check.complaint']];
        yield 'nothing at all' => ['select 1', []];
    }

    /** @param  list<string>  $broken */
    #[DataProvider('tampering')]
    public function test_the_chain_tells_what_is_not_as_it_was(string $sql, array $broken): void
    {
        $owner = OwnerConnection::get();
        $job = Job::query()->withoutGlobalScopes()->whereNotNull('signed_at')->orderBy('id')->firstOrFail();
        $places = array_column(DB::select('select place from records where job_id = ? order by seq limit 4', [$job->id]), 'place');
        $owner->beginTransaction();
        DB::setDefaultConnection(OwnerConnection::NAME);
        try {
            $owner->unprepared('alter table records disable trigger user; alter table kept_words disable trigger user;');
            $owner->unprepared(str_replace(':job', (string) $job->id, $sql));
            self::assertSame(str_replace(['the third', 'the fourth'], [$places[2], $places[3]], $broken), RecordChain::of($job)->broken);
            self::assertSame($broken === [] ? 0 : 1, Artisan::call('bench:check-records'));
        } finally {
            $owner->rollBack();
            DB::setDefaultConnection('pgsql');
        }
    }

    /** @return iterable<string, array{string}> */
    public static function hubs(): iterable
    {
        foreach (HubPatterns::all() as $pattern) {
            yield $pattern->id() => [$pattern->id()];
        }
    }

    #[DataProvider('hubs')]
    public function test_an_old_job_file_is_taken_opened_and_given_out_again(string $pattern): void
    {
        $this->actingAs(User::query()->where('email', 'ines@ferryworks.example')->sole());
        $file = (string) gzdecode((string) file_get_contents(self::FIXTURES."/jobs/$pattern.json.gz"));
        $taken = $this->post(
            '/api/v1/jobs/file',
            ['file' => UploadedFile::fake()->createWithContent('job.json', $file)],
            ['Accept' => 'application/json'],
        )
            ->assertCreated()
            ->json('id');
        $sheet = $this->getJson("/api/v1/jobs/$taken")
            ->assertOk()
            ->json();
        $old = json_decode($file, true)['records'];
        $standing = array_filter(array_column($old, 'value', 'place'), static fn (mixed $value): bool => $value !== null);
        self::assertEqualsCanonicalizing(array_keys($standing), array_column($sheet['entries'], 'place'));
        self::assertEquals(
            $old,
            $this->get("/files/jobs/$taken/job.json")
                ->assertOk()
                ->json('records'),
        );
    }
}
