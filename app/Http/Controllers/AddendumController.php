<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Conflicts\Conflict;
use App\Http\Documented;
use App\Http\Requests\NewAddendumRequest;
use App\Http\Resources\AddendumCard;
use App\Models\Addendum;
use App\Models\Job;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;

final class AddendumController
{
    #[Documented('Add a word to a signed job; the same id twice is one addendum', answers: AddendumCard::class, status: 201)]
    public function store(NewAddendumRequest $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('work', $job);
        if (! $job->isSigned()) {
            throw Conflict::notSigned();
        }
        $id = mb_strtolower($request->string('id')->toString());
        $kept = Addendum::query()->withoutGlobalScopes()->find($id);
        if ($kept !== null && $kept->job_id !== $job->id) {
            throw Conflict::idTaken();
        }
        // Sent twice at once, the second finds the first.
        $addendum =
            $kept ??
            Addendum::query()->createOrFirst(
                ['id' => $id],
                [
                    'job_id' => $job->id,
                    'author_id' => $user->id,
                    'text' => $request->string('text')->trim()->toString(),
                    'made_at' => Carbon::now(),
                ],
            );

        return Answer::with(AddendumCard::of($addendum->load('author')), $addendum->wasRecentlyCreated ? 201 : 200);
    }
}
