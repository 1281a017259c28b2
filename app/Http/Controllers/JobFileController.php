<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteInLog;
use App\Bench\Board;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\JobFileRequest;
use App\Http\Resources\JobCard;
use App\JobFile\JobFile;
use App\JobFile\TakeJob;
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
                JobFile::of($job->load('machine', 'shop', 'signOff')),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION,
            ),
            200,
            ['Content-Type' => 'application/json', 'Content-Disposition' => "attachment; filename=\"job-{$job->number}.json\""],
        );
    }

    #[Documented('Take a job file in as a job of this shop, all of it or nothing', answers: JobCard::class, status: 201)]
    public function store(JobFileRequest $request, TakeJob $take, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('takeIn', Job::class);

        $job = $take($user, $request->job());
        $note($user->shop_id, Logged::Imported, $user, detail: "job {$job->number}");

        return Answer::with(JobCard::of(Board::row($job->id)), 201);
    }
}
