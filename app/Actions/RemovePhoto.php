<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Throws a photo away, as long as its job is open: by a function of the database, which writes it in the log. */
final readonly class RemovePhoto
{
    /** @throws Conflict when the job is signed */
    public function __invoke(Photo $photo, User $by): void
    {
        DB::transaction(static function () use ($photo, $by): void {
            Job::query()->whereKey($photo->job_id)->lockForUpdate()->firstOrFail()->mustBeOpen();
            DB::selectOne('select remove_photo(?, ?)', [$photo->id, $by->id]);
        });
    }
}
