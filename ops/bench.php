<?php

declare(strict_types=1);

/*
 * Times the running application: php ops/bench.php BASE_URL, with the database in DB_*.
 * Prints the median and p95 of each request, and the median as a ratio to two routes that do nothing: a bare one of the
 * framework, and one that asks who is signed in.
 */

const BARE = 'a bare route';
const SIGNED = 'a bare route, signed in';
const WARM = 15;
const RUNS = 120;
const RECORDS_PER_JOB = 40;

$base = $argv[1] ?? exit("php ops/bench.php BASE_URL\n");
$database = new PDO(
    sprintf('pgsql:host=%s;port=%s;dbname=%s', getenv('DB_HOST'), getenv('DB_PORT'), getenv('DB_DATABASE')),
    (string) getenv('DB_OWNER_USERNAME'),
    (string) getenv('DB_OWNER_PASSWORD'),
    [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
);

$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TCP_NODELAY => true]);

/** @return array{int, string, float} status, body, milliseconds */
function ask(string $verb, string $path, ?array $body = null): array
{
    global $curl, $base;
    $token = '';
    foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) ?: [] as $line) {
        $token = str_contains($line, 'XSRF-TOKEN') ? urldecode((string) preg_replace('/^.*\t/', '', $line)) : $token;
    }
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path,
        CURLOPT_CUSTOMREQUEST => $verb,
        CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: $token"],
    ]);
    $start = hrtime(true);
    $answer = (string) curl_exec($curl);

    return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $answer, (hrtime(true) - $start) / 1e6];
}

/**
 * Each request in turn, over and over: what slows the machine for a while slows all of them alike.
 *
 * @param  array<string, array{callable(): array{int, string, float}, int}>  $requests with the status each must have
 * @return array<string, array{float, float}> median and p95 of each, in ms
 */
function timed(array $requests): array
{
    $times = [];
    for ($i = 0; $i < WARM + RUNS; $i++) {
        foreach ($requests as $name => [$request, $expected]) {
            [$status, $body, $ms] = $request();
            if ($status !== $expected) {
                exit("$name: expected $expected, got $status: ".substr($body, 0, 300)."\n");
            }
            if ($i >= WARM) {
                $times[$name][] = $ms;
            }
        }
    }

    return array_map(static function (array $of): array {
        sort($of);

        return [$of[intdiv(RUNS, 2)], $of[(int) (0.95 * RUNS)]];
    }, $times);
}

function uuid(): string
{
    $hex = bin2hex(random_bytes(16));
    $hex[12] = '4';
    $hex[16] = '8';

    return preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $hex);
}

/** Fills the shop up to this many jobs, each with its records, as copies of a demo job. */
function fill(PDO $database, int $jobs): void
{
    $have = (int) $database->query('select count(*) from jobs')->fetchColumn();
    // A machine comes in ten times.
    $database->exec("insert into machines (shop_id, name, model, owner, created_at, updated_at)
        select shop_id, 'Bench machine ' || n, 'Plover', 'Northbay', now(), now() from jobs, generate_series(1, $jobs / 10) n
        where jobs.number = 6 and not exists (select from machines m where m.name = 'Bench machine ' || n)");
    $database->exec("insert into jobs (shop_id, machine_id, number, wheel, pattern, opened_by, standing, created_at, updated_at)
        select jobs.shop_id, m.id, 1000 + n, 'Wheel ' || n % 4, pattern, opened_by, standing, now(), now()
        from jobs, generate_series($have + 1, $jobs) n
        join machines m on m.name = 'Bench machine ' || (1 + n % ($jobs / 10)) where jobs.number = 6");
    $database->exec(
        'insert into records (id, shop_id, job_id, author_id, place, value, instrument, made_at, received_at)
        select gen_random_uuid(), j.shop_id, j.id, r.author_id, r.place, r.value, r.instrument, r.made_at, r.received_at
        from jobs j cross join (select * from records where job_id = (select id from jobs where number = 6) order by seq limit '.
            RECORDS_PER_JOB.
            ') r
        where j.number > 1000 and not exists (select from records x where x.job_id = j.id)',
    );
    $database->exec("insert into fitted_sets (shop_id, machine_id, job_id, wheel, pattern, bearings, fitted_on, ended_on, lasted_days)
        select shop_id, machine_id, id, wheel, pattern, '6204 2RS', current_date - (id % 900)::int,
            case when id % 3 = 0 then current_date end, case when id % 3 = 0 then (id % 900)::int end
        from jobs j where number > 1000 and not exists (select from fitted_sets s where s.job_id = j.id)");
    $database->exec("insert into due_items (shop_id, machine_id, job_id, kind, wheel, what, due_on, created_at, updated_at)
        select shop_id, machine_id, id, 'carry', wheel, 'Look at the left bore', current_date + (id % 700)::int - 60, now(), now()
        from jobs j where number > 1000 and id % 2 = 0 and not exists (select from due_items d where d.job_id = j.id)");
    $database->exec('analyze');
}

ask('GET', '/sanctum/csrf-cookie');
[$status] = ask('POST', '/api/v1/session', ['email' => 'ines@ferryworks.example', 'password' => 'bearing']);
$status === 200 || exit("Could not sign in: $status\n");
$calculators = json_decode(ask('GET', '/api/v1/calculators')[1], true)['data'];

$medians = [];
foreach ([2000, 20000] as $count) {
    fill($database, $count);
    $ids = $database->query('select id from jobs where number > 1000 order by random() limit 200')->fetchAll(PDO::FETCH_COLUMN);
    $machines = $database
        ->query("select id from machines where name like 'Bench machine%' order by random() limit 200")
        ->fetchAll(PDO::FETCH_COLUMN);
    $any = static fn (): string => (string) $ids[array_rand($ids)];
    // What was entered through the page was worked out then; what was copied into the table was not.
    foreach ($ids as $id) {
        ask('GET', "/api/v1/jobs/$id");
    }
    printf(
        "\n%s jobs, %s records.\n",
        number_format($count),
        number_format((float) $database->query('select count(*) from records')->fetchColumn()),
    );
    printf("%-34s %9s %9s %8s %10s\n", '', 'median', 'p95', 'of bare', 'of signed');
    $groups = [
        'one job' => [
            'open a job' => [static fn (): array => ask('GET', '/api/v1/jobs/'.$any()), 200],
            'save a reading' => [
                static fn (): array => ask('POST', '/api/v1/jobs/'.$any().'/records', [
                    'id' => uuid(),
                    'place' => 'size.over_faces',
                    'entry' => ['typed' => '104'],
                ]),
                201,
            ],
            'work out while typing' => [
                static fn (): array => ask('POST', '/api/v1/jobs/'.$any().'/preview', [
                    'station' => 'size',
                    'drafts' => [['place' => 'size.over_faces', 'entry' => ['typed' => '104']]],
                ]),
                200,
            ],
        ],
        'lists' => [
            'the board' => [static fn (): array => ask('GET', '/api/v1/jobs'), 200],
            'a job found by words' => [static fn (): array => ask('GET', '/api/v1/jobs?find=machine+'.random_int(1, 200)), 200],
            'machines' => [static fn (): array => ask('GET', '/api/v1/machines'), 200],
            'the history of a machine' => [
                static fn (): array => ask('GET', '/api/v1/machines/'.$machines[array_rand($machines)]),
                200,
            ],
            'what falls due' => [static fn (): array => ask('GET', '/api/v1/ahead'), 200],
            'the bench day' => [static fn (): array => ask('GET', '/api/v1/bench-day'), 200],
        ],
        'calculators' => array_column(
            array_map(
                static fn (array $card): array => [
                    $card['name'],
                    [static fn (): array => ask('POST', '/api/v1/calculators/'.$card['name'], $card['example']), 200],
                ],
                $calculators,
            ),
            1,
            0,
        ),
    ];
    // What does nothing is timed among each group: with what is warm and what is cold just then.
    foreach ($groups as $group => $requests) {
        printf("%s\n", $group);
        $took = timed([
            BARE => [static fn (): array => ask('GET', '/api/v1/ping'), 200],
            SIGNED => [static fn (): array => ask('GET', '/api/v1/ping/signed-in'), 200],
            ...$requests,
        ]);
        foreach ($took as $name => [$median, $p95]) {
            $key = "$group, $name";
            printf(
                "  %-32s %6.1f ms %6.1f ms %7.2fx %9.2fx%s\n",
                $name,
                $median,
                $p95,
                $median / $took[BARE][0],
                $median / $took[SIGNED][0],
                isset($medians[$key]) ? sprintf('   growth %.2fx', $median / $medians[$key]) : '',
            );
            $medians[$key] ??= $median;
        }
    }
}
