<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OrderBench;
use App\Bench\Today;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Query;
use App\Http\Requests\BenchDayRequest;
use App\Http\Resources\BenchDaySheet;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Today's jobs on one mechanic's line: the waits of one filled with the work of the next. */
final class BenchDayController
{
    private const LAST = 1439;

    #[Documented(
        'The bench day: who gets hands when, what waits, when each is done',
        answers: BenchDaySheet::class,
    )]
    #[Query('from', 'Minutes after midnight at which it begins', 'integer')]
    public function show(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', Job::class);

        $from = min(self::LAST, max(0, $request->integer('from', Today::OPENS)));

        return Answer::with(BenchDaySheet::of(Today::planned($from), $from));
    }

    #[Documented('Jobs of the bench day in their order; it is planned anew', answers: BenchDaySheet::class)]
    public function update(BenchDayRequest $request, OrderBench $order): JsonResponse
    {
        Gate::authorize('viewAny', Job::class);
        $order($request->jobs());

        return Answer::with(BenchDaySheet::of(Today::planned($request->from()), $request->from()));
    }
}
