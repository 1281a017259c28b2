<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\Reports;
use App\Bench\Standing;
use App\Models\Concerns\ShopAtHand;
use App\Models\Job;
use App\Models\Record;
use CleanRace\Core\Job\JobReport;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Works out where each station of a job is and notes it for the board. It follows from the records: it may be noted late, never wrong. */
final readonly class NoteStanding
{
    public function __construct(private Reports $reports)
    {
    }

    public function __invoke(int $job): void
    {
        DB::transaction(function () use ($job): void {
            $job = Job::query()->withoutGlobalScopes()->whereKey($job)->with('shop')->lockForUpdate()->firstOrFail();
            // It may come when whoever asked for it has left, and whatever shop was named is no longer.
            app(ShopAtHand::class)->within($job->shop_id, function () use ($job): void {
                [$report, $notebook] = $this->reports->anew($job);
                $job->update(['standing' => Standing::of($report, $notebook) + $this->waits($job, $report)]);
            });
        });
    }

    /** @return array{waits?: array{what: mixed, until: string}} what soaks, cools or cures longest, and until when */
    private function waits(Job $job, JobReport $report): array
    {
        $longest = [];
        foreach (Standing::waiting($report) as $one) {
            $done = Record::query()->where('job_id', $job->id)->whereIn('place', $one['places'])->max('made_at');
            $until = is_string($done) ? Carbon::parse($done)->addMinutes($one['minutes']) : null;
            if ($until !== null && $until->isFuture() && $until->toJSON() > ($longest['until'] ?? '')) {
                $longest = ['what' => $one['what'], 'until' => (string) $until->toJSON()];
            }
        }

        return $longest === [] ? [] : ['waits' => $longest];
    }
}
