<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Errands\ErrandKind;
use App\Errands\Errands;
use App\Errands\TakesAlong;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\AlongRequest;
use App\Http\Resources\ErrandSheet;
use App\Models\Errand;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What is done behind the answer: how far it is, for whoever asked for it. */
final class ErrandController
{
    #[Documented('Write all of the shop into one file, to take along: the owner', answers: ErrandSheet::class, status: 202)]
    public function along(AlongRequest $request, Errands $errands, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);

        return Answer::around(
            ErrandSheet::of($errands->take($user, ErrandKind::TakeAlong, $request->string('id')->toString(), '')),
            202,
        );
    }

    /** The file that came of it. */
    public function file(Errand $errand, #[CurrentUser] User $user): BinaryFileResponse
    {
        Gate::authorize('view', $errand);
        Gate::authorize('update', $user->shop);
        $path = TakesAlong::path($errand->id);
        abort_unless($errand->kind === ErrandKind::TakeAlong && is_file($path), 404);

        return response()->download($path, 'clean-race-'.$errand->asked_at->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip']);
    }

    #[Documented('How far something is that is done behind the answer', answers: ErrandSheet::class)]
    public function show(Errand $errand): JsonResponse
    {
        Gate::authorize('view', $errand);

        return Answer::around(ErrandSheet::of($errand));
    }
}
