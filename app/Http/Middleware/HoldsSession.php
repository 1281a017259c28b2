<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets in whoever signed in, without asking the database who it is: for answers that are the same for everybody. */
final class HoldsSession
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var SessionGuard $guard */
        $guard = Auth::guard('web');
        $signedIn = Auth::hasUser() || $request->session()->has($guard->getName());

        return $signedIn ? $next($request) : throw new AuthenticationException();
    }
}
