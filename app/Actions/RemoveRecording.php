<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Record;
use App\Models\Recording;
use App\Models\User;
use App\Store\RecordRow;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Throws a recording away, as long as its job is open: by a function of the database, which writes it in the log. What stood
 * at its place is withdrawn with it.
 */
final readonly class RemoveRecording
{
    public function __construct(private NoteStanding $noteStanding)
    {
    }

    /** @throws Conflict when the job is signed */
    public function __invoke(Recording $recording, User $by): void
    {
        DB::transaction(function () use ($recording, $by): void {
            $job = Job::query()->whereKey($recording->job_id)->lockForUpdate()->firstOrFail();
            $job->mustBeOpen();
            $latest = Record::query()->where('job_id', $job->id)->distinct(['place'])->orderBy('place')->orderByDesc('seq')->get();
            foreach ($latest->filter(static fn (Record $r): bool => ($r->value['recording'] ?? null) === $recording->id) as $record) {
                $now = Carbon::now();
                RecordRow::write((new Record([
                    'id' => (string) Str::uuid7(),
                    'place' => $record->place,
                    'value' => null,
                    'instrument' => null,
                    'made_at' => $now,
                    'received_at' => $now,
                ]))->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $by->id]));
            }
            DB::selectOne('select remove_recording(?, ?)', [$recording->id, $by->id]);
            ($this->noteStanding)($job->id);
        });
    }
}
