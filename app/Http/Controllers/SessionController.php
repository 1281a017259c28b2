<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

final class SessionController
{
    /** Failed tries a minute, for one address and account; and for one address over all accounts. */
    private const TRIES = 5;

    private const TRIES_OF_ADDRESS = 30;

    #[Documented('Sign in', answers: Person::class)]
    public function store(SignInRequest $request): JsonResponse
    {
        $account = 'sign-in:'.mb_strtolower($request->string('email')->toString()).'|'.$request->ip();
        $address = 'sign-in-from:'.$request->ip();
        if (RateLimiter::tooManyAttempts($account, self::TRIES) || RateLimiter::tooManyAttempts($address, self::TRIES_OF_ADDRESS)) {
            throw new TooManyRequestsHttpException(60, 'Too many tries. Wait a minute, then try again.');
        }
        if (! Auth::guard('web')->attempt($request->validated(), true)) {
            RateLimiter::hit($account);
            RateLimiter::hit($address);
            throw ValidationException::withMessages(['email' => 'No one signs in with this address and password.']);
        }
        RateLimiter::clear($account);
        $request->session()->regenerate();
        /** @var User $user */
        $user = Auth::guard('web')->user();

        return Answer::with(Person::of($user->load('shop')));
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
