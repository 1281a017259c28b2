<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteInLog;
use App\Bench\Board;
use App\Errands\ErrandKind;
use App\Errands\Errands;
use App\Errands\ErrandState;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\JobFileRequest;
use App\Http\Resources\ErrandSheet;
use App\Http\Resources\JobCard;
use App\JobFile\JobFile;
use App\Models\Job;
use App\Models\Logged;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** A whole job as one file, out and in. */
final class JobFileController
{
    public function show(Job $job, NoteInLog $note, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $job);
        $note($user->shop_id, Logged::Exported, $user, detail: "job {$job->number}");

        return new Response(
            json_encode(
                JobFile::of($job->load('machine', 'shop', 'signOff'), $user->role->mayWork()),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION,
            ),
            200,
            ['Content-Type' => 'application/json', 'Content-Disposition' => "attachment; filename=\"job-{$job->number}.json\""],
        );
    }

    #[Documented(
        'Take a job file in as a job of this shop, all of it or nothing; a long one is taken behind the answer',
        answers: JobCard::class,
        status: 201,
        orLater: true,
    )]
    public function store(JobFileRequest $request, Errands $errands, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('takeIn', Job::class);
        $errand = $errands->take($user, ErrandKind::TakeJob, $request->string('id')->toString(), $request->bytes());

        return $errand->state === ErrandState::Done
            ? Answer::with(JobCard::of(Board::row($errand->answer->job ?? 0)), 201)
            : Answer::around(ErrandSheet::of($errand), 202);
    }
}
