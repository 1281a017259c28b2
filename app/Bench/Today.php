<?php

declare(strict_types=1);

namespace App\Bench;

use CleanRace\Core\Job\BenchDay;
use CleanRace\Core\Job\BenchPiece;
use CleanRace\Core\Job\BenchTask;
use CleanRace\Core\Steps\Station;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use stdClass;

/** What is on the bench today, planned from what the board knows of each job. */
final readonly class Today
{
    public const MOST = 12;

    /** Minutes after midnight at which a shop opens, when nobody says otherwise. */
    public const OPENS = 480;

    /** When nobody chose: so many of the latest that are under way. */
    private const UNCHOSEN = 5;

    /**
     * @param  bool  $chosen whether somebody put these jobs in this order
     * @param  Collection<int, stdClass>  $jobs rows of {@see Board::jobs()}
     * @param  array<int, int>  $minutes of hands that are left today, by job
     */
    private function __construct(public bool $chosen, public Collection $jobs, public array $minutes, public BenchDay $day)
    {
    }

    public static function planned(int $from): self
    {
        $jobs = Board::jobs()
            ->open()
            ->whereNotNull('jobs.bench_place')
            ->orderBy('jobs.bench_place')
            ->limit(self::MOST)
            ->toBase()
            ->get();
        $chosen = $jobs->isNotEmpty();
        if (! $chosen) {
            $jobs = Board::jobs()->open()->orderByDesc('jobs.id')->limit(self::UNCHOSEN)->toBase()->get();
        }
        $tasks = array_values($jobs->map(static fn (stdClass $job): BenchTask => self::task($job, $from))->all());
        $minutes = array_combine(
            array_map(static fn (BenchTask $t): int => $t->job, $tasks),
            array_map(static fn (BenchTask $t): int => $t->handMinutes(), $tasks),
        );

        return new self($chosen, $jobs, $minutes, BenchDay::plan($tasks, $from));
    }

    /** Without its parts, or the customer's word, what comes after buying is not for today. */
    private static function task(stdClass $job, int $from): BenchTask
    {
        /** @var array{left?: list<array{string, int, int}>, asked?: ?string, waits?: array{what: string, until: string}} $standing */
        $standing = json_decode($job->standing, true, flags: JSON_THROW_ON_ERROR);
        $pieces = [];
        foreach ($standing['left'] ?? [] as [$station, $hand, $wait]) {
            $at = Station::from($station);
            if (
                ($job->parts_on !== null || isset($standing['asked'])) &&
                in_array($at, [Station::Seat, Station::Set, Station::Prove], true)
            ) {
                break;
            }
            $pieces[] = new BenchPiece($at, $hand, $wait);
        }

        // What soaks or cures now goes on doing so, counted from where the day begins.
        $until = $standing['waits']['until'] ?? null;
        $wait = $until === null ? 0 : max(0, (int) ceil(Carbon::now()->diffInMinutes(Carbon::parse($until))));

        return new BenchTask($job->id, $pieces, $from + $wait);
    }
}
