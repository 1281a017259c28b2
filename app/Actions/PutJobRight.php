<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Corrects what was said when a job was opened: which wheel, how its hub is built. What was entered stays and is read by the
 * hub that it is now, as far as that asks for it; what was said before is kept.
 */
final readonly class PutJobRight
{
    public function __construct(private NoteStanding $noteStanding)
    {
    }

    /**
     * @param  array<string, string>  $to wheel, pattern
     *
     * @throws Conflict when the job is closed
     */
    public function __invoke(Job $job, User $by, array $to): void
    {
        DB::transaction(static function () use ($job, $by, $to): void {
            $job = Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            $job->mustBeOpen();
            $was = array_diff_assoc(array_intersect_key($job->only(['wheel', 'pattern']), $to), $to);
            if ($was !== []) {
                $changed = $was + ['at' => Carbon::now()->toJSON(), 'by' => $by->name];
                $job->forceFill($to + ['put_right' => [...$job->put_right, $changed]])->save();
            }
        });
        ($this->noteStanding)($job->id);
    }
}
