<?php

declare(strict_types=1);

namespace App\Bench;

use App\Http\Resources\BenchDaySheet;
use App\Http\Resources\BenchJob;
use App\Http\Resources\JobCard;
use App\Models\Job;
use App\Models\Order;
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

    public static function planned(int $from): BenchDaySheet
    {
        $jobs = Job::query()->with('machine')->whereNull('signed_at')->whereNotNull('bench_place')->orderBy('bench_place')->limit(self::MOST)->get();
        $chosen = $jobs->isNotEmpty();
        if (! $chosen) {
            $jobs = Job::query()->with('machine')->whereNull('signed_at')->orderByDesc('id')->limit(self::UNCHOSEN)->get();
        }
        $parts = self::parts($jobs);
        $tasks = array_values($jobs->map(static fn (Job $job): BenchTask => self::task($job, $parts[$job->id] ?? null))->all());
        $day = BenchDay::plan($tasks, $from);
        $minutes = array_combine(array_map(static fn (BenchTask $t): int => $t->job, $tasks), $tasks);

        return new BenchDaySheet(
            $from, $chosen,
            array_values($jobs->map(static fn (Job $job): BenchJob => new BenchJob(JobCard::of($job), $minutes[$job->id]->handMinutes(), $day->ends[$job->id] ?? null, $parts[$job->id] ?? null))->all()),
            $day->hands, $day->waits, $day->idle, $day->end,
        );
    }

    /** Without its parts, what comes after buying them is not for today. */
    private static function task(Job $job, ?string $partsOn): BenchTask
    {
        $pieces = [];
        foreach ($job->standing['left'] ?? [] as [$station, $hand, $wait]) {
            $at = Station::from($station);
            if ($partsOn !== null && in_array($at, [Station::Seat, Station::Set, Station::Prove], true)) {
                break;
            }
            $pieces[] = new BenchPiece($at, $hand, $wait);
        }

        return new BenchTask($job->id, $pieces);
    }

    /**
     * Days on which the last of what is ordered for a job comes, when that is not today.
     *
     * @param  Collection<int, Job>  $jobs
     * @return array<int, string> YYYY-MM-DD by job
     */
    private static function parts(Collection $jobs): array
    {
        $due = [];
        $open = Order::query()->whereIn('job_id', $jobs->modelKeys())->whereHas('lines', static fn ($q) => $q->whereColumn('received', '<', 'quantity'))->get(['id', 'job_id', 'days', 'created_at']);
        foreach ($open as $order) {
            $on = $order->created_at->copy()->addDays($order->days ?? 1)->format('Y-m-d');
            if ($on > Carbon::today()->format('Y-m-d')) {
                $due[$order->job_id] = max($on, $due[$order->job_id] ?? '');
            }
        }

        return $due;
    }
}
