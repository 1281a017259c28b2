<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SignIn;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\PreferencesRequest;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\Person;
use App\Models\User;
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
            : Answer::with(Person::of($user));
    }

    #[Documented('Who is signed in', answers: Person::class)]
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return Answer::with(Person::of($user->load('shop')));
    }

    #[Documented('Change units or theme', answers: Person::class)]
    public function update(PreferencesRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $user->update($request->validated());

        return Answer::with(Person::of($user->load('shop')));
    }

    #[Documented('Sign out', status: 204)]
    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return Answer::nothing();
    }
}
