<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Laravel\Sanctum\Http\Middleware\AuthenticateSession;
use Symfony\Component\HttpFoundation\Response;

/** Ends a session whose person changed the password, as the framework does; and one that was ended from elsewhere. */
final class LiveSession extends AuthenticateSession
{
    public const MARK = 'session_mark';

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->hasSession() ? $request->user() : null;
        if ($user instanceof User) {
            $mark = $request->session()->get(self::MARK, $user->session_mark);
            if ($mark !== $user->session_mark) {
                /** @var SessionGuard $guard */
                $guard = Auth::guard('web');
                $guard->logoutCurrentDevice();
                $request->session()->flush();
                throw new AuthenticationException();
            }
            $request->session()->put(self::MARK, $mark);
        }

        return parent::handle($request, $next);
    }

    /** This session goes on after its own person changed what ends all others. */
    public static function goesOn(Request $request, User $user): void
    {
        /** @var SessionGuard $guard */
        $guard = Auth::guard('web');
        $guard->setUser($user);
        $request->session()->put([
            self::MARK => $user->session_mark,
            'password_hash_web' => $guard->hashPasswordForCookie($user->getAuthPassword()),
        ]);
        $request->session()->regenerate();
    }
}
