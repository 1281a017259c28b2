<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Closure;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Http\Request;
use Laravel\Sanctum\PersonalAccessToken;
use Symfony\Component\HttpFoundation\Response;

/** Lets a token do what it was made for; whoever signed in with a password is asked nothing here. */
final class HeedsTokenRights
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $token = $user instanceof User ? $user->currentAccessToken() : null;
        if ($token instanceof PersonalAccessToken) {
            $right = TokenRight::for($request);
            if ($right === null || $token->cant($right->value)) {
                throw new AuthorizationException();
            }
        }

        return $next($request);
    }
}
