<?php

declare(strict_types=1);

/*
 * Many people at once:  php ops/load.php BASE_URL
 *
 * Each of them signs in and then goes on as at a bench: looks at the board, opens a job, enters a reading, types, looks at what
 * the press sends, with pauses between. Prints what each kind of request took beside a bare route's, and every error.
 */

const ROUNDS = [[50, 180.0], [200, 60.0]];
const WATCHERS = 60;
const WATCH_S = 20.0;

$base = $argv[1] ?? exit("php ops/load.php BASE_URL\n");
$database = new PDO(
    sprintf('pgsql:host=%s;port=%s;dbname=%s', getenv('DB_HOST'), getenv('DB_PORT'), getenv('DB_DATABASE')),
    (string) getenv('DB_OWNER_USERNAME'),
    (string) getenv('DB_OWNER_PASSWORD'),
    [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
);
/** @var list<int> $jobs */
$open = "select id from jobs where signed_at is null and dropped_at is null and pattern = 'pair-sleeve'";
$jobs = $database->query($open)->fetchAll(PDO::FETCH_COLUMN);

/** One person with a session of their own, who does one thing after the other. */
final class Person
{
    private const PAUSE_S = [1.0, 5.0];

    public float $next = 0.0;

    public CurlHandle $line;

    public string $what = '';

    private int $step = 0;

    private int $job = 0;

    private ?string $version = null;

    /** @param  list<int>  $jobs */
    public function __construct(private readonly string $base, private readonly array $jobs, private readonly string $does = 'works')
    {
        $this->line = curl_init() ?: exit("No curl.\n");
        curl_setopt_array($this->line, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_TIMEOUT => 60,
            CURLOPT_HEADER => true,
        ]);
        $this->job = $jobs[array_rand($jobs)];
    }

    public function signIn(): void
    {
        $this->ask('GET', '/sanctum/csrf-cookie');
        curl_exec($this->line);
        $this->ask('POST', '/api/v1/session', ['email' => 'ines@ferryworks.example', 'password' => 'bearing']);
        curl_exec($this->line);
        curl_getinfo($this->line, CURLINFO_RESPONSE_CODE) === 200 || exit("Somebody could not sign in.\n");
    }

    /** The next thing they do. */
    public function begin(): CurlHandle
    {
        if ($this->does === 'pings') {
            $this->what = 'a bare route';
            $this->ask('GET', '/api/v1/ping');

            return $this->line;
        }
        if ($this->does === 'presses') {
            $this->what = 'begin a pressing';
            $this->ask('POST', "/api/v1/jobs/{$this->job}/seats/left/live", ['id' => uuid(), 'kind' => 'good', 'pace' => 0.5]);

            return $this->line;
        }
        if ($this->does === 'watches') {
            $this->what = 'look at the press';
            $held = $this->version === null ? [] : ["If-None-Match: {$this->version}"];
            $this->ask('GET', "/api/v1/jobs/{$this->job}/seats/left/live", null, $held);

            return $this->line;
        }
        [$this->what, $verb, $path, $body] = match ($this->step++ % 6) {
            0 => ['the board', 'GET', '/api/v1/jobs', null],
            1 => ['open a job', 'GET', "/api/v1/jobs/{$this->job}", null],
            2 => ['save a reading', 'POST', "/api/v1/jobs/{$this->job}/records", [
                'id' => uuid(), 'place' => 'size.over_faces', 'entry' => ['typed' => (string) random_int(100, 110)],
            ]],
            3 => ['work out while typing', 'POST', "/api/v1/jobs/{$this->job}/preview", [
                'station' => 'size', 'drafts' => [['place' => 'size.over_faces', 'entry' => ['typed' => '104']]],
            ]],
            4 => ['a calculator', 'POST', '/api/v1/calculators/fit', ['outside_mm' => 47, 'bore_mm' => '46.98']],
            5 => ['a bare route', 'GET', '/api/v1/ping', null],
        };
        if ($this->step % 12 === 0) {
            $this->job = $this->jobs[array_rand($this->jobs)];
        }
        $this->ask($verb, $path, $body);

        return $this->line;
    }

    /** What came of it; an error as a sentence. */
    public function ended(string $answer, float $now): ?string
    {
        $status = curl_getinfo($this->line, CURLINFO_RESPONSE_CODE);
        if (preg_match('/^ETag: (.+)\r$/mi', $answer, $found) === 1) {
            $this->version = $found[1];
        }
        $this->next = $now + match ($this->does) {
            'works' => self::PAUSE_S[0] + (self::PAUSE_S[1] - self::PAUSE_S[0]) * lcg_value(),
            'pings' => 0.1,
            default => 1.0,
        };

        return in_array($status, [200, 201, 204, 304], true)
            ? null
            : "{$this->what}: $status ".substr(strrchr($answer, "\n") ?: $answer, 0, 160);
    }

    /**
     * @param  ?array<string, mixed>  $body
     * @param  list<string>  $more
     */
    private function ask(string $verb, string $path, ?array $body = null, array $more = []): void
    {
        $token = '';
        foreach (curl_getinfo($this->line, CURLINFO_COOKIELIST) ?: [] as $line) {
            $token = str_contains($line, 'XSRF-TOKEN') ? urldecode((string) preg_replace('/^.*\t/', '', $line)) : $token;
        }
        curl_setopt_array($this->line, [
            CURLOPT_URL => $this->base.$path,
            CURLOPT_CUSTOMREQUEST => $verb,
            CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: $token", ...$more],
        ]);
    }
}

function uuid(): string
{
    $hex = bin2hex(random_bytes(16));
    $hex[12] = '4';
    $hex[16] = '8';

    return (string) preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $hex);
}

/**
 * Everybody goes on until the time is up.
 *
 * @param  list<Person>  $people
 * @return int how many errors there were
 */
function together(string $title, array $people, float $seconds): int
{
    $many = curl_multi_init();
    $busy = [];
    $took = [];
    $errors = [];
    $start = microtime(true);
    foreach ($people as $i => $person) {
        $person->next = $start + 4.0 * $i / count($people);
    }
    while (($now = microtime(true)) < $start + $seconds || $busy !== []) {
        foreach ($people as $person) {
            if ($now < $start + $seconds && ! isset($busy[spl_object_id($person->line)]) && $person->next <= $now) {
                curl_multi_add_handle($many, $person->begin());
                $busy[spl_object_id($person->line)] = [$person, microtime(true)];
            }
        }
        curl_multi_exec($many, $running);
        curl_multi_select($many, 0.01);
        while (($done = curl_multi_info_read($many)) !== false) {
            [$person] = $busy[spl_object_id($done['handle'])];
            $took[$person->what][] = 1000 * curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
            $error = $person->ended((string) curl_multi_getcontent($done['handle']), microtime(true));
            if ($error !== null) {
                $errors[$error] = ($errors[$error] ?? 0) + 1;
            }
            curl_multi_remove_handle($many, $done['handle']);
            unset($busy[spl_object_id($done['handle'])]);
        }
    }
    printf("\n%s, %d requests, %d errors.\n", $title, array_sum(array_map(count(...), $took)), array_sum($errors));
    printf("%-26s %7s %9s %9s %9s\n", '', 'asked', 'median', 'p95', 'longest');
    ksort($took);
    foreach ($took as $what => $of) {
        sort($of);
        [$median, $p95] = [$of[intdiv(count($of), 2)], $of[(int) (0.95 * count($of))]];
        printf("%-26s %7d %6.1f ms %6.1f ms %6.1f ms\n", $what, count($of), $median, $p95, end($of));
    }
    foreach ($errors as $error => $times) {
        printf("  %d times: %s\n", $times, $error);
    }

    return array_sum($errors);
}

$people = [];
for ($i = 0; $i < max(array_column(ROUNDS, 0)); $i++) {
    $people[] = new Person($base, $jobs);
}
foreach ($people as $person) {
    $person->signIn();
}
$errors = 0;
foreach (ROUNDS as [$count, $seconds]) {
    $errors += together("$count people for $seconds s", array_slice($people, 0, $count), $seconds);
}
$watchers = [];
for ($i = 0; $i < WATCHERS; $i++) {
    $watchers[] = new Person($base, [$jobs[0]], 'watches');
}
$watchers[] = new Person($base, [$jobs[0]], 'presses');
$watchers[] = new Person($base, $jobs, 'pings');
foreach ($watchers as $person) {
    $person->signIn();
}
$errors += together(WATCHERS.' who look at a press, while it goes on', $watchers, WATCH_S);
exit($errors === 0 ? 0 : 1);
