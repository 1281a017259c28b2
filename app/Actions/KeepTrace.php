<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\PressTrace;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps the trace of one pressing. The same id twice is one trace. */
final readonly class KeepTrace
{
    /**
     * @param  list<array{float, float}>  $samples travel in mm, force in N
     * @return array{PressTrace, bool} the trace as it stands, and whether it is new
     *
     * @throws Conflict when the job is signed, or the id stands for something else
     */
    public function __invoke(Job $job, User $author, string $id, string $seat, string $source, array $samples): array
    {
        return DB::transaction(function () use ($job, $author, $id, $seat, $source, $samples): array {
            $job = Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            $kept = PressTrace::query()->withoutGlobalScopes()->find($id);
            if ($kept !== null) {
                return $kept->job_id === $job->id && $kept->seat === $seat ? [$kept, false] : throw Conflict::idTaken();
            }
            $job->mustBeOpen();
            $trace = new PressTrace([
                'id' => $id,
                'seat' => $seat,
                'source' => $source,
                'samples' => $samples,
                'made_at' => Carbon::now(),
            ]);
            $trace->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $author->id])->save();

            return [$trace, true];
        });
    }
}
