<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

/** Who comes without an access token is known by a session cookie, with the token against forged requests. */
final class KeepSession extends EnsureFrontendRequestsAreStateful
{
    public static function fromFrontend($request): bool
    {
        return $request->bearerToken() === null;
    }
}
