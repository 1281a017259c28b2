<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Documented;
use App\Http\Resources\People\LogShown;
use App\Models\LogLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class LogController
{
    private const PAGE = 50;

    #[Documented('What was done with people, roles, passwords and files, newest first: the owner', answers: LogShown::class, page: true)]
    public function __invoke(): JsonResponse
    {
        Gate::authorize('viewAny', LogLine::class);

        return Answer::page(
            LogLine::query()->with('by:id,name', 'about:id,name')->orderByDesc('id')->cursorPaginate(self::PAGE),
            LogShown::of(...),
        );
    }
}
