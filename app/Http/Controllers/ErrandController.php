<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Documented;
use App\Http\Resources\ErrandSheet;
use App\Models\Errand;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** What is done behind the answer: how far it is, for whoever asked for it. */
final class ErrandController
{
    #[Documented('How far something is that is done behind the answer', answers: ErrandSheet::class)]
    public function show(Errand $errand): JsonResponse
    {
        Gate::authorize('view', $errand);

        return Answer::around(ErrandSheet::of($errand));
    }
}
