<?php

declare(strict_types=1);

namespace Tests\Feature\Kept;

use App\Store\CopiesKept;
use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * A shop as release 0.2 left it before its database had two roles, brought up to date, copied while work goes on, and brought
 * back elsewhere, all by the scripts that a person types.
 */
final class BackupTest extends TestCase
{
    private static string $root;

    private static string $there;

    public static function setUpBeforeClass(): void
    {
        self::$root = dirname(__DIR__, 3);
        self::$there = sys_get_temp_dir().'/clean-race-copies-'.bin2hex(random_bytes(4));
        mkdir(self::$there, 0711);
        $fixture = self::$root.'/tests/fixtures/v0.2/demo.sql.gz';
        // As it was: one role, a superuser, who owns and works.
        $said = self::bash('from', <<<BASH
            source ops/lib.sh
            postgres_up postgres-own
            PGPASSWORD=\$(cat \$PG_DIR/password) php -r '
                \$p = new PDO("pgsql:host=127.0.0.1;port=".getenv("DB_PORT").";dbname=postgres", "clean_race", getenv("PGPASSWORD"));
                \$p->exec("create database clean_race");
                \$p = new PDO("pgsql:host=127.0.0.1;port=".getenv("DB_PORT").";dbname=clean_race", "clean_race", getenv("PGPASSWORD"));
                \$p->exec(gzdecode(file_get_contents("$fixture")));
                \$p->exec("update public.shops set demo = false");'
            echo own > \$STATE/kind
            BASH);
        self::assertSame('', $said);
    }

    public static function tearDownAfterClass(): void
    {
        foreach (['from', 'to', 'other'] as $state) {
            (new Process([self::$root.'/ops/postgres', 'down', self::$there."/$state/postgres-own"]))->run();
        }
        (new Process(['rm', '-rf', self::$there]))->run();
    }

    private static function bash(string $state, string $script): string
    {
        $process = new Process(
            ['bash', '-euc', $script],
            self::$root,
            // Nothing of the tests' own database.
            ['CLEAN_RACE_STATE' => self::$there."/$state"]
                + array_fill_keys(['APP_ENV', 'APP_KEY', 'CACHE_STORE', 'DATABASE_URL'], false)
                + array_fill_keys(array_filter(array_keys(getenv()), static fn (string $n): bool => str_starts_with($n, 'DB_')), false),
            timeout: 120,
        );
        $process->run();

        return $process->getOutput().$process->getErrorOutput();
    }

    private static function database(string $state): PDO
    {
        $dir = self::$there."/$state/postgres-own";
        // A script that found it stopped stops it again.
        (new Process([self::$root.'/ops/postgres', 'up', $dir]))->mustRun();
        [$port, $password] = array_map(static fn (string $f): string => trim((string) file_get_contents("$dir/$f")), ['port', 'password']);

        $dsn = "pgsql:host=127.0.0.1;port=$port;dbname=clean_race";

        return new PDO($dsn, 'clean_race', $password, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    /** The one value that a query has. */
    private static function one(PDO $pdo, string $sql): mixed
    {
        $rows = $pdo->query($sql) ?: self::fail($sql);

        return $rows->fetchColumn();
    }

    public function test_an_old_shop_is_brought_up_to_date_and_its_records_hold(): void
    {
        $before = self::one(self::database('from'), 'select count(*) from records');
        $said = self::bash('from', 'source ops/lib.sh; store_of own; app_env app-own 8080; artisan config:clear -q; artisan bench:migrate');
        self::assertStringNotContainsString('One role', $said);
        $pdo = self::database('from');
        self::assertSame($before, self::one($pdo, 'select count(*) from records'));
        self::assertSame(
            'clean_race_owner',
            self::one($pdo, "select string_agg(distinct tableowner, ',') from pg_tables where schemaname = 'public'"),
            'what the superuser had made is the owner\'s',
        );
        self::assertStringContainsString(', 0 of them not as they were.', self::bash('from', 'ops/artisan --own bench:check-records'));
    }

    public function test_a_copy_made_while_work_goes_on_comes_back_row_by_row(): void
    {
        $pdo = self::database('from');
        $photo = random_bytes(50_000);
        $pdo->prepare("insert into photos (id, shop_id, job_id, author_id, width, height, jpeg, created_at)
            select gen_random_uuid(), shop_id, id, opened_by, 1, 1, decode(?, 'base64'), now() from jobs where signed_at is null limit 1")
            ->execute([base64_encode($photo)]);
        // Somebody enters readings all the while.
        $enter = "insert into records (id, shop_id, job_id, author_id, place, value, made_at, received_at)
            select gen_random_uuid(), shop_id, id, opened_by, 'x', '{}', now(), now() from jobs where signed_at is null limit 1";
        [$port, $password] = array_map(
            static fn (string $f): string => trim((string) file_get_contents(self::$there."/from/postgres-own/$f")),
            ['port', 'password'],
        );
        $loop = '$p = new PDO($argv[1], "clean_race", $argv[2]); while (true) { $p->exec($argv[3]); usleep(2000); }';
        $work = new Process(['php', '-r', $loop, "pgsql:host=127.0.0.1;dbname=clean_race;port=$port", $password, $enter]);
        $work->start();
        $copy = self::$there.'/copy.tar';
        $said = self::bash('from', "./backup $copy");
        $work->stop(0);
        self::assertStringContainsString("Copied to $copy", $said);
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms($copy)), -4));
        self::assertStringContainsString('is there already', self::bash('from', "./backup $copy"), 'a copy is never written over');

        $said = self::bash('to', "./restore $copy");
        self::assertStringContainsString('every row is as it was copied', $said);
        $there = self::database('to');
        foreach (['jobs', 'users', 'sign_offs', 'kept_words', 'log_lines'] as $table) {
            $rows = "select md5(string_agg(t::text, '|' order by t::text)) from $table t";
            self::assertSame(self::one($pdo, $rows), self::one($there, $rows), $table);
        }
        $kept = self::one($there, "select encode(jpeg, 'base64') from photos");
        self::assertSame($photo, base64_decode((string) $kept, true));
        self::assertGreaterThan(0, self::one($there, "select count(*) from records where place = 'x'"));
        self::assertFileEquals(self::$there.'/from/app-own/key', self::$there.'/to/app-own/key');
        self::assertStringContainsString(', 0 of them not as they were.', self::bash('to', 'ops/artisan --own bench:check-records'));
        self::assertStringContainsString('append-only', $this->refused($there, 'delete from records'), 'its locks came with it');
        self::assertStringContainsString('There is a shop here already', self::bash('to', "./restore $copy"));
    }

    public function test_a_copy_that_is_not_whole_is_refused_and_leaves_nothing(): void
    {
        $copy = self::$there.'/copy.tar';
        $dir = self::$there.'/open';
        $changed = function (callable $change) use ($copy, $dir): string {
            (new Process(['rm', '-rf', $dir]))->mustRun();
            mkdir($dir);
            (new Process(['tar', '-C', $dir, '-xf', $copy]))->mustRun();
            $change($dir);
            (new Process(['bash', '-c', "cd $dir && tar -cf ../changed.tar *"]))->mustRun();

            return self::bash('other', './restore '.self::$there.'/changed.tar');
        };
        $manifest = static fn (callable $edit): callable => static function (string $dir) use ($edit): void {
            $said = json_decode((string) file_get_contents("$dir/manifest.json"), true);
            file_put_contents("$dir/manifest.json", json_encode($edit($said)));
        };
        file_put_contents(self::$there.'/no.tar', 'no copy');
        self::assertStringContainsString('no copy that ./backup made', self::bash('other', './restore '.self::$there.'/no.tar'));
        self::assertStringContainsString('key is not as it was', $changed(static fn (string $d) => file_put_contents("$d/key", 'x')));
        self::assertStringContainsString('no copy that ./backup made', $changed(static fn (string $d) => unlink("$d/key")));
        self::assertStringContainsString('a later release', $changed($manifest(static fn (array $m): array => ['version' => 2] + $m)));
        self::assertStringContainsString(
            'a later release',
            $changed($manifest(static fn (array $m): array => ['migrations' => [...$m['migrations'], '2099_01_01_000000_wings']] + $m)),
        );
        $fewer = static fn (array $m): array => ['tables' => ['records' => ['rows' => 1] + $m['tables']['records']] + $m['tables']] + $m;
        self::assertStringContainsString('is not what was copied: records', $changed($manifest($fewer)));
        self::assertSame(
            0,
            self::one(self::database('other'), "select count(*) from pg_tables where schemaname = 'public'"),
            'nothing of it was left',
        );
    }

    public function test_made_anew_nothing_of_it_is_left(): void
    {
        self::assertGreaterThan(0, self::one(self::database('from'), 'select count(*) from jobs'));
        self::bash('from', 'source ops/lib.sh; store_of own; app_env app-own 8080; artisan config:clear -q; artisan bench:migrate --fresh');
        self::assertSame(0, self::one(self::database('from'), 'select count(*) from shops'));
    }

    public function test_of_the_nightly_copies_seven_days_five_weeks_and_twelve_months_are_kept(): void
    {
        $copies = [];
        for ($day = strtotime('2026-11-29 UTC'), $i = 0; $i < 800; $i++, $day -= 86_400) {
            $copies[] = gmdate('\c\l\e\a\n-\r\a\c\e-Y-m-d-020000.\t\a\r', $day);
        }
        $again = 'clean-race-2026-11-29-093000.tar';
        $kept = CopiesKept::of([...$copies, $again, 'notes.txt']);
        $days = array_map(static fn (string $name): string => substr($name, 11, 10), array_values(array_diff($kept, ['notes.txt'])));
        sort($days);
        self::assertSame(
            [
                '2025-12-31', '2026-01-31', '2026-02-28', '2026-03-31', '2026-04-30', '2026-05-31', '2026-06-30', '2026-07-31',
                '2026-08-31', '2026-09-30', '2026-10-31', '2026-11-01', '2026-11-08', '2026-11-15', '2026-11-22', '2026-11-23',
                '2026-11-24',
                '2026-11-25', '2026-11-26', '2026-11-27', '2026-11-28', '2026-11-29',
            ],
            $days,
        );
        self::assertContains($again, $kept, 'of one day the newest');
        self::assertContains('notes.txt', $kept, 'what is no copy is none of its business');
        self::assertSame([], CopiesKept::of([]));
        // What is kept today is what would be kept of it.
        self::assertEqualsCanonicalizing($kept, CopiesKept::of($kept));
    }

    private function refused(PDO $pdo, string $sql): string
    {
        try {
            $pdo->exec($sql);
        } catch (\PDOException $refused) {
            return $refused->getMessage();
        }
        self::fail($sql);
    }
}
