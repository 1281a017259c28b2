<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Http\Conflicts\Conflict;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A short code is enough at the bench. People, passwords, tokens, the shop and its log want the password. */
final class HeedsBenchCode
{
    private const WANT_PASSWORD = [
        'api/v1/people/*',
        'api/v1/tokens*',
        'api/v1/time-code*',
        'api/v1/log',
        'api/v1/tablets*',
        'api/v1/session/password',
        'api/v1/session/bench-code',
        'api/v1/shop/*',
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $changes = ! $request->isMethodSafe() && $request->is('api/v1/shop', 'api/v1/people');
        if (
            ($changes || $request->is(...self::WANT_PASSWORD)) &&
            $request->hasSession() &&
            $request->session()->has(BenchCode::TAKEN)
        ) {
            throw Conflict::passwordWanted();
        }

        return $next($request);
    }
}
