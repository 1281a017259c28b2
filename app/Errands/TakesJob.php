<?php

declare(strict_types=1);

namespace App\Errands;

use App\Actions\NoteInLog;
use App\JobFile\SoundFile;
use App\JobFile\TakeJob;
use App\Models\Errand;
use App\Models\Logged;
use App\Models\User;

/** Takes a job file in. */
final readonly class TakesJob implements DoesErrand
{
    public function __construct(private TakeJob $take, private NoteInLog $note)
    {
    }

    public function do(Errand $errand, User $by, Progress $progress): array
    {
        $job = ($this->take)($by, SoundFile::read($errand->stream()), $progress, errand: $errand->id);
        ($this->note)($by->shop_id, Logged::Imported, $by, detail: "job {$job->number}");

        return ['job' => $job->id];
    }
}
