<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

/** Every caller of this API signs in by session cookie, with the token against forged requests; there are no bearer tokens. */
final class KeepSession extends EnsureFrontendRequestsAreStateful
{
    public static function fromFrontend($request): bool
    {
        return true;
    }
}
