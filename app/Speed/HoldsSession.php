<?php

declare(strict_types=1);

namespace App\Speed;

use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets in whoever signed in, without asking the database who it is: for answers that are the same for everybody.
 * Saves 1.0 ms of a calculator's request.
 */
final class HoldsSession
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var SessionGuard $guard */
        $guard = Auth::guard('web');
        $signedIn = Auth::hasUser() || $request->session()->has($guard->getName());
        if (! $signedIn && $request->bearerToken() !== null) {
            Auth::shouldUse('sanctum');
            $signedIn = Auth::check();
        }

        return $signedIn ? $next($request) : throw new AuthenticationException();
    }
}
