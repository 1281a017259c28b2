<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use CleanRace\Core\Hub\Station;
use CleanRace\Core\Job\BenchDay;
use CleanRace\Core\Job\BenchPiece;
use CleanRace\Core\Job\BenchTask;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

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
     * @param  Collection<int, Job>  $jobs
     * @param  array<int, int>  $minutes of hands that are left today, by job
     */
    private function __construct(public bool $chosen, public Collection $jobs, public array $minutes, public BenchDay $day)
    {
    }

    public static function planned(int $from): self
    {
        $jobs = PartsDue::with(Job::query())->with('machine')->whereNull('signed_at')->whereNotNull('bench_place')->orderBy('bench_place')->limit(self::MOST)->get();
        $chosen = $jobs->isNotEmpty();
        if (! $chosen) {
            $jobs = PartsDue::with(Job::query())->with('machine')->whereNull('signed_at')->orderByDesc('id')->limit(self::UNCHOSEN)->get();
        }
        $tasks = array_values($jobs->map(static fn (Job $job): BenchTask => self::task($job, $from))->all());
        $minutes = array_combine(array_map(static fn (BenchTask $t): int => $t->job, $tasks), array_map(static fn (BenchTask $t): int => $t->handMinutes(), $tasks));

        return new self($chosen, $jobs, $minutes, BenchDay::plan($tasks, $from));
    }

    /** Without its parts, what comes after buying them is not for today. */
    private static function task(Job $job, int $from): BenchTask
    {
        $partsOn = PartsDue::on($job);
        $pieces = [];
        foreach ($job->standing['left'] ?? [] as [$station, $hand, $wait]) {
            $at = Station::from($station);
            if ($partsOn !== null && in_array($at, [Station::Seat, Station::Set, Station::Prove], true)) {
                break;
            }
            $pieces[] = new BenchPiece($at, $hand, $wait);
        }

        // What soaks or cures now goes on doing so, counted from where the day begins.
        $until = $job->standing['waits']['until'] ?? null;
        $wait = $until === null ? 0 : max(0, (int) ceil(Carbon::now()->diffInMinutes(Carbon::parse($until))));

        return new BenchTask($job->id, $pieces, $from + $wait);
    }
}
