<?php

declare(strict_types=1);

/*
 * What ./backup and ./restore do with the database:
 *
 *   php ops/copy.php make DIR      database.dump and manifest.json into DIR, beside the key that lies there
 *   php ops/copy.php check DIR     whether what lies there is whole, and of a release that this one knows
 *   php ops/copy.php restore DIR   into an empty database, then each table held against the manifest
 *   php ops/copy.php keep DIR      throws away which of the nightly copies in DIR are kept no longer
 */

require __DIR__.'/../vendor/autoload.php';

use App\Release;
use App\Store\CopiesKept;
use Symfony\Component\Process\Process;

const FORMAT = 'clean-race-backup';
const VERSION = 1;

[, $verb, $dir] = $argv + [1 => '', 2 => ''];

function fail(string $why): never
{
    fwrite(STDERR, "$why\n");
    exit(1);
}

/** @return array{host: string, port: string, dbname: string, user: string, password: string} as whom, and where */
function place(): array
{
    $url = getenv('DATABASE_OWNER_URL') ?: getenv('DATABASE_URL');
    if (is_string($url) && $url !== '') {
        $at = parse_url($url) ?: fail('DATABASE_URL cannot be read.');

        return [
            'host' => $at['host'] ?? '127.0.0.1',
            'port' => (string) ($at['port'] ?? 5432),
            'dbname' => ltrim(urldecode($at['path'] ?? ''), '/'),
            'user' => urldecode($at['user'] ?? ''),
            'password' => urldecode($at['pass'] ?? ''),
        ];
    }

    return array_combine(
        ['host', 'port', 'dbname', 'user', 'password'],
        array_map(
            static fn (string $n): string => (string) getenv($n),
            ['DB_HOST', 'DB_PORT', 'DB_DATABASE', 'DB_OWNER_USERNAME', 'DB_OWNER_PASSWORD'],
        ),
    );
}

function connection(): PDO
{
    ['user' => $user, 'password' => $password] = $at = place();
    $dsn = "pgsql:host={$at['host']};port={$at['port']};dbname={$at['dbname']}";
    $pdo = new PDO($dsn, $user, $password, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    // A row is written the same way wherever it is read.
    $pdo->exec("set timezone = 'UTC'; set datestyle = 'ISO, YMD'; set intervalstyle = 'postgres'");
    $pdo->exec("set bytea_output = 'hex'; set extra_float_digits = 1");

    return $pdo;
}

/** @param  list<string>  $more */
function tool(string $name, array $more): void
{
    $bins = glob('/usr/lib/postgresql/*/bin') ?: [];
    natsort($bins);
    $at = place();
    $process = new Process(
        [end($bins)."/$name", '-h', $at['host'], '-p', $at['port'], '-U', $at['user'], '-d', $at['dbname'], ...$more],
        env: ['PGPASSWORD' => $at['password']],
        timeout: null,
    );
    $process->run();
    if (! $process->isSuccessful()) {
        fail("$name: ".trim($process->getErrorOutput()));
    }
}

/** @return array<string, array{rows: int, digest: string}> each table: how many rows, and a digest of the digests of all of them */
function tables(PDO $pdo): array
{
    $names = $pdo->query("select relname from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r' order by relname")
        ->fetchAll(PDO::FETCH_COLUMN);
    $tables = [];
    foreach ($names as $name) {
        $row = $pdo->query(
            "select count(*) as rows, encode(sha256(coalesce(string_agg(row, ''::bytea order by row), ''::bytea)), 'hex') as digest
                from (select sha256(convert_to(t::text, 'UTF8')) as row from \"$name\" t) rows",
        )->fetch(PDO::FETCH_ASSOC);
        $tables[$name] = ['rows' => (int) $row['rows'], 'digest' => $row['digest']];
    }

    return $tables;
}

/** @return array<string, mixed> */
function manifest(string $dir): array
{
    $manifest = json_decode((string) @file_get_contents("$dir/manifest.json"), true);
    if (! is_array($manifest) || ($manifest['format'] ?? null) !== FORMAT) {
        fail('That is no copy that ./backup made.');
    }

    return $manifest;
}

function make(string $dir): void
{
    $pdo = connection();
    // What is counted here and what is dumped are the same moment, whatever is entered meanwhile.
    $pdo->exec('begin transaction isolation level repeatable read, read only');
    $snapshot = $pdo->query('select pg_export_snapshot()')->fetchColumn();
    tool('pg_dump', ['-Fc', '--no-owner', '--no-privileges', "--snapshot=$snapshot", '-f', "$dir/database.dump"]);
    $manifest = [
        'format' => FORMAT,
        'version' => VERSION,
        'made_at' => gmdate('Y-m-d\TH:i:s\Z'),
        'release' => Release::VERSION,
        'migrations' => $pdo->query('select migration from migrations order by migration')->fetchAll(PDO::FETCH_COLUMN),
        'tables' => tables($pdo),
        'files' => array_map(
            static fn (string $name): string => (string) hash_file('sha256', "$dir/$name"),
            ['database.dump' => 'database.dump', 'key' => 'key'],
        ),
    ];
    file_put_contents("$dir/manifest.json", json_encode($manifest, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n");
}

function check(string $dir): void
{
    $manifest = manifest($dir);
    if ($manifest['version'] !== VERSION) {
        fail('This copy was made by a later release. Restore it with that one.');
    }
    foreach ($manifest['files'] as $name => $digest) {
        if (hash_file('sha256', "$dir/$name") !== $digest) {
            fail("This copy is damaged: $name is not as it was.");
        }
    }
    $known = array_map(static fn (string $path): string => basename($path, '.php'), glob(__DIR__.'/../database/migrations/*.php') ?: []);
    if (array_diff($manifest['migrations'], $known) !== []) {
        fail("This copy was made by a later release ({$manifest['release']}). Restore it with that one.");
    }
}

function restore(string $dir): void
{
    $manifest = manifest($dir);
    $pdo = connection();
    $there = "select count(*) from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r'";
    if ((int) $pdo->query($there)->fetchColumn() > 0) {
        $ours = $pdo->query("select to_regclass('shops') is not null")->fetchColumn();
        if (! $ours || (int) $pdo->query('select count(*) from shops')->fetchColumn() > 0) {
            fail('There is a shop here already. Restore into another folder, or another database.');
        }
        // Tables that somebody brought up and never used.
        $pdo->exec('drop schema public cascade; create schema public');
    }
    tool('pg_restore', ['--no-owner', '--no-privileges', '--single-transaction', '--exit-on-error', "$dir/database.dump"]);
    $here = tables($pdo);
    foreach ($manifest['tables'] as $name => $table) {
        if (($here[$name] ?? null) !== $table) {
            $pdo->exec('drop schema public cascade; create schema public');
            fail("What was restored is not what was copied: $name.");
        }
    }
}

function keep(string $dir): void
{
    $copies = array_map(basename(...), glob("$dir/clean-race-*.tar") ?: []);
    foreach (array_diff($copies, CopiesKept::of($copies)) as $gone) {
        unlink("$dir/$gone");
    }
}

in_array($verb, ['make', 'check', 'restore', 'keep'], true) && is_dir($dir) || fail('php ops/copy.php make | check | restore | keep DIR');
$verb($dir);
