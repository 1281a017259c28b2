<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** Asks for the token against forged requests without sending it again: the browser has it already. */
final class HoldsToken extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
