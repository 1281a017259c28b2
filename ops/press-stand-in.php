<?php

declare(strict_types=1);

use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\PressSimulator;
use CleanRace\Core\Seating\Press\PressKind;
use Random\Engine\Mt19937;

/*
 * A press that is not there: load cell and travel gauge as a small program of its own, on a loopback port. It takes one
 * line of JSON, {"do": "press", "kind": "good", "grip_mm": 12, "home_mm": 23, "slide_n": 1400, "seed": 1, "pace": 1}, and
 * sends a line for every sample, {"travel_mm": 0.03, "force_n": 4.1}, in the time a real one would take, then {"end": true}.
 * The same seed is the same pressing. Closing the line stops the press.
 *
 *   php ops/press-stand-in.php 8090
 */

require __DIR__.'/../vendor/autoload.php';

const SAMPLES_A_SECOND = 50;

$port = (int) ($argv[1] ?? 8090);
$server = stream_socket_server("tcp://127.0.0.1:$port", $code, $message) ?: exit("Port $port cannot be had: $message\n");
stream_set_blocking($server, false);

/** @var array<int, array{line: resource, asked: string, samples: list<string>, next: int, begun: float, pace: float}> $presses */
$presses = [];

/** @return array{list<string>, float} the samples of one pressing as lines, and its pace */
$begin = static function (string $asked): array {
    $said = json_decode($asked, true);
    $said = is_array($said) ? $said : [];
    $number = static fn (string $key, float $otherwise, float $least, float $most): float => max(
        $least,
        min($most, is_numeric($said[$key] ?? null) ? (float) $said[$key] : $otherwise),
    );
    $kind = PressKind::tryFrom(is_string($said['kind'] ?? null) ? $said['kind'] : '') ?? PressKind::Good;
    $grip = $number('grip_mm', 12, 1, 200);
    $samples = (new PressSimulator(new Chance(new Mt19937((int) $number('seed', 1, 0, 1e9)))))->trace(
        $kind,
        $grip,
        $number('home_mm', 20, $grip, 300),
        $number('slide_n', 1400, 1, 1e6),
    );

    return [
        array_map(static fn ($s): string => sprintf('{"travel_mm":%.3f,"force_n":%.1f}', $s->travel->mm, $s->force->newtons), $samples),
        $number('pace', 1, 0.1, 50),
    ];
};

while (true) {
    $read = [$server, ...array_column($presses, 'line')];
    [$write, $except] = [null, null];
    stream_select($read, $write, $except, 0, $presses === [] ? 500_000 : 10_000);
    if (in_array($server, $read, true) && ($line = @stream_socket_accept($server, 0)) !== false) {
        stream_set_blocking($line, false);
        $presses[(int) $line] = ['line' => $line, 'asked' => '', 'samples' => [], 'next' => 0, 'begun' => 0.0, 'pace' => 1.0];
    }
    foreach ($presses as $id => $press) {
        $bytes = in_array($press['line'], $read, true) ? fread($press['line'], 4096) : '';
        if (feof($press['line'])) {
            fclose($press['line']);
            unset($presses[$id]);

            continue;
        }
        if ($press['begun'] === 0.0) {
            $press['asked'] .= (string) $bytes;
            if (str_contains($press['asked'], "\n") || strlen($press['asked']) > 4096) {
                [$press['samples'], $press['pace']] = $begin($press['asked']);
                $press['begun'] = microtime(true);
            }
        } else {
            $due = min(count($press['samples']), (int) ((microtime(true) - $press['begun']) * SAMPLES_A_SECOND * $press['pace']));
            for (; $press['next'] < $due; $press['next']++) {
                if (@fwrite($press['line'], $press['samples'][$press['next']]."\n") === false) {
                    break;
                }
            }
            if ($press['next'] >= count($press['samples'])) {
                @fwrite($press['line'], "{\"end\":true}\n");
                fclose($press['line']);
                unset($presses[$id]);

                continue;
            }
        }
        $presses[$id] = $press;
    }
}
