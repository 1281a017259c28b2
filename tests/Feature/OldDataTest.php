<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Record;
use App\Models\User;
use App\Shapes\Schemas;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Patterns\HubPatterns;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\HoldsToSchema;
use Tests\TestCase;

/** What was kept by version 0.1 still opens: its demo's database, and a job file of every hub. */
final class OldDataTest extends TestCase
{
    use DatabaseTransactions;
    use HoldsToSchema;

    private const FIXTURES = __DIR__.'/../fixtures/v0.1';

    private const DATABASE = 'clean_race_test_v01';

    /** A database as version 0.1 left it, brought up to date. Made once for all tests of it. */
    private static bool $made = false;

    public function createApplication()
    {
        $app = parent::createApplication();
        $here = $app->make('config')->get('database.connections.pgsql');
        if (! self::$made) {
            self::make($here);
        }
        $app->make('config')->set('database.connections.pgsql.database', self::DATABASE);
        if (! self::$made) {
            Artisan::call('migrate', ['--force' => true]);
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

    /** @param  array<string, mixed>  $at */
    private static function make(array $at): void
    {
        $connect = static fn (string $database): PDO => new PDO(
            "pgsql:host={$at['host']};port={$at['port']};dbname=$database",
            $at['username'],
            $at['password'],
            [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
        );
        $server = $connect('postgres');
        $server->exec('drop database if exists '.self::DATABASE.' with (force)');
        $server->exec('create database '.self::DATABASE);
        $connect(self::DATABASE)->exec((string) gzdecode((string) file_get_contents(self::FIXTURES.'/demo.sql.gz')));
    }

    public function test_every_job_of_an_old_database_opens_as_it_stood(): void
    {
        $this->actingAs(User::query()->where('email', 'ines@ferryworks.example')->sole());
        $jobs = Job::query()->orderBy('id')->get();
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
