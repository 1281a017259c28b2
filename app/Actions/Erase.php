<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/**
 * Erases what is kept of a person, by functions of the database that look at the shop and the right themselves and write it in
 * the log. What was signed still holds: the records keep digests of what was said.
 */
final readonly class Erase
{
    public function __construct(private NoteStanding $noteStanding)
    {
    }

    /** A machine's owner by name, and what they said, on all jobs of it. */
    public function customer(Machine $machine, User $by): void
    {
        DB::selectOne('select erase_customer(?, ?)', [$machine->id, $by->id]);
        // What the board and the history show of a job is worked out anew without it.
        foreach (Job::query()->where('machine_id', $machine->id)->pluck('id') as $job) {
            ($this->noteStanding)($job);
        }
    }

    /**
     * Somebody who left: their name, address and codes.
     *
     * @throws Conflict when they still work here
     */
    public function person(User $person, User $by): void
    {
        if ($person->left_at === null) {
            throw Conflict::stillHere();
        }
        DB::selectOne('select erase_person(?, ?)', [$person->id, $by->id]);
        $person->refresh();
    }
}
