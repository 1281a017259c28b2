<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\Notes;
use App\Bench\Standing;
use App\Bench\Workbench;
use App\Models\Job;
use Illuminate\Support\Facades\DB;

/** Works out where each station of a job is and notes it for the board. It follows from the records: it may be noted late, never wrong. */
final readonly class NoteStanding
{
    public function __construct(private Workbench $workbench)
    {
    }

    public function __invoke(int $job): void
    {
        DB::transaction(function () use ($job): void {
            $job = Job::query()->withoutGlobalScopes()->whereKey($job)->with('shop')->lockForUpdate()->firstOrFail();
            $notebook = Notes::notebookOf($job);
            $job->update(['standing' => Standing::of($this->workbench->report($job, $notebook), $notebook)]);
        });
    }
}
