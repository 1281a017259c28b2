<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Join;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\People\JoinRequest;
use App\Http\Resources\People\Person;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Http\JsonResponse;

final class JoiningController
{
    #[Documented('Choose a password by a one-time code; its person is signed in', answers: Person::class)]
    public function store(JoinRequest $request, Join $join): JsonResponse
    {
        $user = $join(
            $request,
            $request->string('email')->toString(),
            $request->string('code')->toString(),
            $request->string('password')->toString(),
            $request->boolean('remember'),
            $request->string('time_code')->toString(),
        );
        if ($user === null) {
            throw InvalidInput::about('code', 'There is no such code for this address, or it is over. Ask for a new one.');
        }

        return Answer::with(Person::here($user, $request));
    }
}
