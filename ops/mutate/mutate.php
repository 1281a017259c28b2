<?php

declare(strict_types=1);

/*
 * Makes small wrong edits to core and sees whether a test fails: ./test mutate [--seed N] [--count N] [--only TEXT].
 * With --covering only the tests that run through an edit are tried, while somebody writes tests; all otherwise.
 * What was tried of a seed is kept, so that a run that was stopped goes on; an edit that changes nothing that anybody
 * could see stands in equal.csv, with its reason.
 */

use Ops\Mutate\CoverageMap;
use Ops\Mutate\Edit;
use Ops\Mutate\Edits;
use Ops\Mutate\Trying;
use Symfony\Component\Process\Exception\ProcessTimedOutException;

require __DIR__.'/../../vendor/autoload.php';

const AT_ONCE = 2;

$root = dirname(__DIR__, 2);
$said = getopt('', ['seed:', 'count:', 'only:', 'state:', 'fresh', 'covering']);
$seed = (int) ($said['seed'] ?? random_int(1, 99_999));
$count = (int) ($said['count'] ?? 300);
$folder = (string) (is_string($said['state'] ?? null) ? $said['state'] : $root.'/.run/mutate');
$only = is_string($said['only'] ?? null) ? $said['only'] : null;
is_dir($folder) || mkdir($folder, 0o755, true);
$map = CoverageMap::of($root, $folder);

$equal = [];
$rows = new SplFileObject(__DIR__.'/equal.csv');
$rows->fgets();
while (is_array($row = $rows->fgetcsv(',', '"', '')) && count($row) === 6) {
    [$file, $around, $before, $after, $nth] = $row;
    $equal[implode('|', [$file, $around, $before, $after, $nth])] = true;
}
$all = (new Edits($root))->all();
$edits = array_values(array_filter($all, static fn (Edit $e): bool => ! isset($equal[$e->key()])));
$gone = array_diff(array_keys($equal), array_map(static fn (Edit $e): string => $e->key(), $all));
foreach ($gone as $key) {
    echo "equal.csv names an edit that is there no more: $key\n";
}
if ($only !== null) {
    $edits = array_values(array_filter($edits, static fn (Edit $e): bool => str_contains($e->key(), $only)));
} else {
    // By a digest and not by their number, so that a seed draws the same edits when code elsewhere comes or goes.
    $drawn = static fn (Edit $e): string => hash('xxh128', $seed.'|'.$e->key());
    usort($edits, static fn (Edit $a, Edit $b): int => $drawn($a) <=> $drawn($b));
    $edits = array_slice($edits, 0, $count);
}
printf("%d edits of %d, seed %d\n", count($edits), count($all) - count($equal), $seed);

// What was tried before stands while core does.
$log = $folder.'/tried-'.$seed.($only !== null ? '-'.md5($only) : '').'.json';
$tried = isset($said['fresh']) || ! is_file($log) ? [] : json_decode((string) file_get_contents($log), true);
$tried = array_filter($tried, static fn (bool $found): bool => $found);
$waiting = array_values(array_filter($edits, static fn (Edit $e): bool => ! isset($tried[$e->key()])));
$limits = [];
foreach ((array) glob("$root/core/src/{*,*/*,*/*/*}.php", GLOB_BRACE) as $path) {
    foreach (file((string) $path) ?: [] as $i => $line) {
        preg_match_all("/'([a-z_]+\\.[a-z0-9_]+)'/", $line, $names);
        foreach ($names[1] as $name) {
            $limits[$name][substr((string) $path, strlen($root) + 1)][] = $i + 1;
        }
    }
}
$through = static function (Edit $edit) use ($map, $limits): array {
    if ($edit->class !== '') {
        return $map->through($edit->file, $edit->line);
    }
    $tests = [];
    foreach ($limits[$edit->around] ?? [] as $file => $lines) {
        array_push($tests, ...$map->through($file, ...$lines));
    }

    return array_values(array_unique($tests));
};

/** @var array<int, ?Trying> $running */
$running = array_fill(0, AT_ONCE, null);
$begun = hrtime(true);
$done = count($edits) - count($waiting);
while ($waiting !== [] || array_filter($running) !== []) {
    foreach ($running as $i => $one) {
        if ($one === null) {
            $next = array_shift($waiting);
            $all = ! isset($said['covering']);
            $running[$i] = $next === null ? null : new Trying($root, "$folder/worker-$i", $next, $through($next), $all);

            continue;
        }
        try {
            $found = $one->found();
        } catch (ProcessTimedOutException) {
            $found = true;
        }
        if ($found !== null) {
            $tried[$one->edit->key()] = $found;
            $done++;
            file_put_contents($log, json_encode($tried, JSON_THROW_ON_ERROR));
            echo $found ? '' : sprintf("survived  %s\n          %s\n", $one->edit->says(), $one->edit->around);
            $running[$i] = null;
            if ($done % 25 === 0) {
                printf("%d of %d, %d min\n", $done, count($edits), (hrtime(true) - $begun) / 6e10);
            }
        }
    }
    usleep(20_000);
}
$survived = array_filter($edits, static fn (Edit $e): bool => ($tried[$e->key()] ?? false) === false);
printf(
    "%d found, %d survived, seed %d, %d min\n",
    count($edits) - count($survived),
    count($survived),
    $seed,
    (hrtime(true) - $begun) / 6e10,
);
exit($survived === [] ? 0 : 1);
