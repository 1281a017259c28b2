<?php

declare(strict_types=1);

namespace App\SignIn;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;

/**
 * The framework's guard against forged requests, for whoever is known by a cookie. A bearer token is sent by nobody's
 * browser on its own, and no other origin may send one here.
 */
final class ForgedRequests extends ValidateCsrfToken
{
    /** @param  Request  $request */
    protected function inExceptArray($request): bool
    {
        return ($request->bearerToken() !== null && $request->cookie(config()->string('session.cookie')) === null) ||
            parent::inExceptArray($request);
    }
}
