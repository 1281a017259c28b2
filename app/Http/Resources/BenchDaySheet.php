<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\PartsDue;
use App\Bench\Today;
use App\Models\Job;
use CleanRace\Core\Job\BenchBlock;

/** The bench day as it is planned: times in minutes after midnight. */
final readonly class BenchDaySheet
{
    /**
     * @param  bool  $chosen whether somebody put these jobs in this order
     * @param  list<BenchJob>  $jobs
     * @param  list<BenchBlock>  $hands
     * @param  list<BenchBlock>  $waits
     * @param  int  $idle minutes in which nothing can be done
     */
    public function __construct(public int $from, public bool $chosen, public array $jobs, public array $hands, public array $waits, public int $idle, public int $end)
    {
    }

    public static function of(Today $today, int $from): self
    {
        $job = static fn (Job $job): BenchJob => new BenchJob(JobCard::of($job), $today->minutes[$job->id] ?? 0, $today->day->ends[$job->id] ?? null, PartsDue::on($job));

        return new self($from, $today->chosen, array_values($today->jobs->map($job)->all()), $today->day->hands, $today->day->waits, $today->day->idle, $today->day->end);
    }
}
