<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

/** One mechanic's day: while one job soaks, cools or waits for parts, hands are at the next. */
final readonly class BenchDay
{
    /**
     * @param  list<BenchBlock>  $hands in the order of the day
     * @param  list<BenchBlock>  $waits
     * @param  array<int, int>  $ends when each job is done, minutes from midnight, by job
     */
    private function __construct(public array $hands, public array $waits, public array $ends, public int $idle, public int $end)
    {
    }

    /**
     * The job that stands first gets hands whenever it can use them; the others fill its waits, in their order.
     *
     * @param  list<BenchTask>  $tasks
     * @param  int  $from minutes from midnight
     */
    public static function plan(array $tasks, int $from): self
    {
        $at = array_fill(0, count($tasks), 0);
        $ready = array_map(static fn (BenchTask $t): int => max($from, $t->readyAt), $tasks);
        [$now, $idle, $hands, $waits, $ends] = [$from, 0, [], [], []];
        while (true) {
            $open = array_values(array_filter(array_keys($tasks), static fn (int $i): bool => isset($tasks[$i]->pieces[$at[$i]])));
            if ($open === []) {
                break;
            }
            $able = array_values(array_filter($open, static fn (int $i): bool => $ready[$i] <= $now));
            if ($able === []) {
                $soonest = min(array_map(static fn (int $i): int => $ready[$i], $open));
                $idle += $soonest - $now;
                $now = $soonest;

                continue;
            }
            $task = $tasks[$able[0]];
            $piece = $task->pieces[$at[$able[0]]++];
            $to = $now + $piece->hand;
            if ($piece->hand > 0) {
                $hands[] = new BenchBlock($task->job, $piece->station, $now, $to, false);
            }
            if ($piece->wait > 0) {
                $waits[] = new BenchBlock($task->job, $piece->station, $to, $to + $piece->wait, true);
            }
            $now = $to;
            $ready[$able[0]] = $ends[$task->job] = $to + $piece->wait;
        }

        return new self(self::joined($hands), $waits, $ends, $idle, $ends === [] ? $from : max($ends));
    }

    /**
     * What follows on at the same job and station is one stretch.
     *
     * @param  list<BenchBlock>  $blocks
     * @return list<BenchBlock>
     */
    private static function joined(array $blocks): array
    {
        $joined = [];
        $open = null;
        foreach ($blocks as $block) {
            if ($open !== null && $open->job === $block->job && $open->station === $block->station && $open->to === $block->from) {
                $open = new BenchBlock($open->job, $open->station, $open->from, $block->to, false);

                continue;
            }
            $joined = $open === null ? $joined : [...$joined, $open];
            $open = $block;
        }

        return $open === null ? $joined : [...$joined, $open];
    }
}
