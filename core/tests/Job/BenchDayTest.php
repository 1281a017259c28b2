<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\BenchBlock;
use CleanRace\Core\Job\BenchDay;
use CleanRace\Core\Job\BenchPiece;
use CleanRace\Core\Job\BenchTask;
use CleanRace\Core\Steps\Station;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The bench day: waits filled with the work of others, in the order that was chosen. */
final class BenchDayTest extends TestCase
{
    /** @param  list<array{int, int}>  $pieces hands and wait */
    private static function task(int $job, array $pieces, int $readyAt = 0): BenchTask
    {
        return new BenchTask(
            $job,
            array_map(static fn (array $p): BenchPiece => new BenchPiece(Station::Strip, $p[0], $p[1]), $pieces),
            $readyAt,
        );
    }

    /**
     * @param  list<BenchBlock>  $blocks
     * @return list<array{int, int, int}>
     */
    private static function plain(array $blocks): array
    {
        return array_map(static fn (BenchBlock $b): array => [$b->job, $b->from, $b->to], $blocks);
    }

    public function test_while_one_soaks_hands_are_at_the_next(): void
    {
        $day = BenchDay::plan([self::task(1, [[10, 30], [20, 0]]), self::task(2, [[25, 0], [10, 0]])], 480);
        // The second is taken up while the first soaks; once it has soaked, the first goes before what is left of the second.
        self::assertSame([[1, 480, 490], [2, 490, 525], [1, 525, 545]], self::plain($day->hands));
        self::assertSame([[1, 490, 520]], self::plain($day->waits));
        self::assertSame([1 => 545, 2 => 525], $day->ends);
        self::assertSame([0, 545], [$day->idle, $day->end]);
    }

    public function test_with_nothing_to_do_meanwhile_time_passes(): void
    {
        $day = BenchDay::plan([self::task(1, [[10, 60], [5, 15]])], 480);
        self::assertSame([60, 570], [$day->idle, $day->end]);
        self::assertSame(570, $day->ends[1], 'what waits at the end is not done before');
    }

    public function test_what_comes_later_in_the_day_waits_for_its_parts(): void
    {
        $day = BenchDay::plan([self::task(1, [[30, 0]], 600), self::task(2, [[20, 0]])], 480);
        self::assertSame([[2, 480, 500], [1, 600, 630]], self::plain($day->hands));
        self::assertSame(100, $day->idle);
    }

    public function test_an_empty_day_ends_when_it_begins(): void
    {
        self::assertSame([[], 480], [BenchDay::plan([], 480)->hands, BenchDay::plan([], 480)->end]);
        self::assertSame(480, BenchDay::plan([self::task(1, [])], 480)->end);
    }

    public function test_whatever_the_jobs_hands_are_at_one_place_and_every_minute_is_worked_once(): void
    {
        $chance = new Randomizer(new Mt19937(4));
        for ($i = 0; $i < 200; $i++) {
            $tasks = [];
            for ($job = 1; $job <= $chance->getInt(1, 6); $job++) {
                $tasks[] = self::task(
                    $job,
                    array_map(
                        static fn (): array => [$chance->getInt(1, 40), $chance->getInt(0, 3) === 0 ? $chance->getInt(5, 90) : 0],
                        range(1, $chance->getInt(1, 5)),
                    ),
                );
            }
            $day = BenchDay::plan($tasks, 480);
            $at = 480;
            foreach ($day->hands as $block) {
                self::assertGreaterThanOrEqual($at, $block->from, 'one pair of hands');
                $at = $block->to;
            }
            $worked = array_sum(array_map(static fn (BenchBlock $b): int => $b->to - $b->from, $day->hands));
            self::assertSame(array_sum(array_map(static fn (BenchTask $t): int => $t->handMinutes(), $tasks)), $worked);
            self::assertSame(480 + $worked + $day->idle, $at, 'hands or nothing to do, never both');
            foreach ($tasks as $task) {
                $waits = array_sum(array_map(static fn (BenchPiece $p): int => $p->wait, $task->pieces));
                self::assertGreaterThanOrEqual(480 + $task->handMinutes() + $waits, $day->ends[$task->job]);
            }
        }
    }
}
