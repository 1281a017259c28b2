<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SignIn;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\People\PreferencesRequest;
use App\Http\Requests\People\SignInRequest;
use App\Http\Resources\People\Person;
use App\Models\User;
use App\SignIn\SendingRight;
use App\SignIn\TabletHere;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SessionController
{
    #[Documented('Sign in', answers: Person::class)]
    public function store(SignInRequest $request, SignIn $signIn): JsonResponse
    {
        $user = $signIn(
            $request,
            $request->string('email')->toString(),
            $request->string('password')->toString(),
            $request->boolean('remember'),
            $request->string('code')->toString(),
        );

        return $user === null
            ? throw ValidationException::withMessages(['email' => 'No one signs in with this address and password.'])
            : Answer::with(Person::here($user, $request));
    }

    #[Documented('Who is signed in', answers: Person::class)]
    public function show(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return Answer::with(Person::here($user->load('shop'), $request));
    }

    #[Documented('Change units or theme', answers: Person::class)]
    public function update(PreferencesRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $user->update($request->validated());

        return Answer::with(Person::here($user->load('shop'), $request));
    }

    #[Documented('Sign out', status: 204)]
    public function destroy(Request $request, TabletHere $here, #[CurrentUser] User $user): Response
    {
        $tablet = $here->find($request);
        if ($tablet !== null) {
            SendingRight::end($user, $tablet);
        }
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return Answer::nothing();
    }
}
