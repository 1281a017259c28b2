<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\Notes;
use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Record;
use App\Models\User;
use App\Sounds\Hearings;
use App\Store\RecordRow;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Support\Carbon;

use function Illuminate\Support\defer;

use Illuminate\Support\Facades\DB;

/** Keeps one record of a job. The same id twice is one record. */
final readonly class KeepRecord
{
    public function __construct(private ReadEntry $readEntry, private NoteStanding $noteStanding)
    {
    }

    /**
     * @param  ?array<string, mixed>  $entry
     * @return ?Record null when the id is there already
     */
    private function record(
        Job $job,
        User $author,
        string $id,
        string $place,
        ?array $entry,
        string $unit,
        ?string $instrument,
        Carbon $madeAt,
    ): ?Record {
        $notebook = Notes::enoughFor($job, [$place]);
        $read = ($this->readEntry)($job, $notebook, $place, $entry, $unit, $instrument);
        $record = (new Record(
            ['id' => $id, 'place' => $place, 'made_at' => $madeAt, 'received_at' => Carbon::now()] + $read,
        ))->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $author->id]);

        if (! RecordRow::write($record)) {
            return null;
        }
        self::letGo($notebook->value($place)['recording'] ?? null, $record->value['recording'] ?? null, $author);

        return $record;
    }

    /** Recorded again, the sound before it is of no use to anybody, and voices may be on it: its record and its digest stay. */
    private static function letGo(mixed $before, mixed $now, User $author): void
    {
        if (is_string($before) && is_string($now) && $before !== $now) {
            DB::selectOne('select remove_recording(?, ?)', [$before, $author->id]);
        }
    }

    /** @throws Conflict when the id stands for something else */
    private static function keptAs(string $id, Job $job, string $place): ?Record
    {
        $kept = Record::query()->withoutGlobalScopes()->find($id);

        return $kept === null || ($kept->job_id === $job->id && $kept->place === $place) ? $kept : throw Conflict::idTaken();
    }

    /**
     * @param  ?array<string, mixed>  $entry
     * @return array{Record, bool} the record as it stands, and whether it is new
     *
     * @throws InvalidInput when the entry is not what the place asks for
     * @throws Conflict when the job is signed, or the id stands for something else
     */
    public function __invoke(
        Job $job,
        User $author,
        string $id,
        string $place,
        ?array $entry,
        string $unit,
        ?string $instrument,
        Carbon $madeAt,
    ): array {
        return DB::transaction(function () use ($job, $author, $id, $place, $entry, $unit, $instrument, $madeAt): array {
            // One record of a job at a time: order of arrival is order of truth.
            $job = Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            try {
                $job->mustBeOpen();
                $record = $this->record($job, $author, $id, $place, $entry, $unit, $instrument, $madeAt);
            } catch (InvalidInput|Conflict $fault) {
                // What was kept before is kept, whatever has changed since.
                return [self::keptAs($id, $job, $place) ?? throw $fault, false];
            }
            if (! $record) {
                return [self::keptAs($id, $job, $place) ?? throw Conflict::idTaken(), false];
            }
            // The board may hear of it a moment later: what was entered is acknowledged first.
            defer(fn () => ($this->noteStanding)($job->id));
            if (is_string($record->value['recording'] ?? null)) {
                Hearings::listen($job->shop_id, $record->value['recording']);
            }

            return [$record, true];
        });
    }
}
