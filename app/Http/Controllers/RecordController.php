<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepRecord;
use App\Actions\NoteInLog;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Query;
use App\Http\Requests\NewRecordRequest;
use App\Http\Resources\Entry;
use App\Http\Resources\Kept;
use App\Models\Job;
use App\Models\Logged;
use App\Models\Record;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class RecordController
{
    private const PAGE = 50;

    #[Documented('Every record of a job, newest first', answers: Entry::class, page: true)]
    #[Query('place', 'Only those of this place')]
    public function index(Request $request, Job $job): JsonResponse
    {
        Gate::authorize('view', $job);
        $records = Record::query()->where('job_id', $job->id)->with('author:id,name')->orderByDesc('seq');
        $place = $request->string('place')->toString();

        return Answer::page(
            ($place === '' ? $records : $records->where('place', $place))->cursorPaginate(self::PAGE),
            static fn (Record $r): Entry => Entry::of($r),
        );
    }

    #[Documented('Keep a reading, an answer or a step done; the same id twice is one record', answers: Kept::class, status: 201)]
    public function store(NewRecordRequest $request, Job $job, KeepRecord $keep, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep', [$job, $request->string('place')->toString()]);
        $author = $request->author($user);
        [$record, $new] = $keep(
            $job,
            $author,
            mb_strtolower($request->string('id')->toString()),
            $request->string('place')->toString(),
            $request->entry(),
            $request->string('unit', 'mm')->toString(),
            $request->string('instrument')->toString(),
            $request->madeAt(),
        );

        if ($new && $author->isNot($user)) {
            $note($user->shop_id, Logged::Vouched, $user, $author, "job {$job->number}");
        }

        return Answer::with(
            new Kept($record->id, $record->place, $record->value === null ? null : (object) $record->value, $new),
            $new ? 201 : 200,
        );
    }
}
