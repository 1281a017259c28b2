<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Puts a job away that was opened by mistake or is not done after all: no signature, nothing lost, and it may be taken up again. */
final readonly class CloseJob
{
    /** @throws Conflict when it is signed */
    public function __invoke(Job $job, User $by, string $reason): Job
    {
        return $this->change($job, ['dropped_at' => Carbon::now(), 'dropped_by' => $by->id, 'dropped_for' => $reason]);
    }

    /** @throws Conflict when it is signed */
    public function takeUp(Job $job): Job
    {
        return $this->change($job, ['dropped_at' => null, 'dropped_by' => null, 'dropped_for' => null]);
    }

    /** @param  array<string, mixed>  $to */
    private function change(Job $job, array $to): Job
    {
        return DB::transaction(static function () use ($job, $to): Job {
            $job = Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            if ($job->isSigned()) {
                throw Conflict::closed();
            }
            $job->forceFill($to)->save();

            return $job;
        });
    }
}
