<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Logged;
use App\Models\User;
use App\SignIn\KnownDevice;
use App\SignIn\LiveSession;
use App\SignIn\Tries;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Signs a person in with their password. Whether an account is known cannot be told from the answer or its time. */
final readonly class SignIn
{
    /** A hash that no password has, so that an unknown account costs what a known one does. */
    private const NOBODY = '$2y$%02d$.....................................................';

    public function __construct(
        private Hasher $hasher,
        private Tries $tries,
        private KnownDevice $devices,
        private NoteInLog $note,
    ) {
    }

    /**
     * @return ?User null when the two do not fit
     *
     * @throws TooManyRequestsHttpException
     */
    public function __invoke(Request $request, string $email, string $password, bool $remember): ?User
    {
        $user = User::query()->whereNull('left_at')->where('email', mb_strtolower(trim($email)))->with('shop')->first();
        $this->tries->mustBeLeft($request, $email, $user);
        $rounds = (int) config('hashing.bcrypt.rounds', 12);
        if (! $this->hasher->check($password, $user->password ?? sprintf(self::NOBODY, $rounds)) || $user === null) {
            $this->tries->failed($request, $email, $user);
            if ($user !== null) {
                ($this->note)($user->shop_id, Logged::SignInFailed, about: $user);
            }

            return null;
        }
        $this->tries->worked($request, $email, $user);
        if ($this->hasher->needsRehash($user->password)) {
            $user->forceFill(['password' => $password])->save();
        }
        $this->begin($request, $user, $remember);

        return $user;
    }

    /** Begins a session for somebody of whom it is known who they are. */
    public function begin(Request $request, User $user, bool $remember): void
    {
        Auth::guard('web')->login($user, $remember);
        $request->session()->regenerate();
        $request->session()->put(LiveSession::MARK, $user->session_mark);
        $this->devices->knows($request, $user);
        ($this->note)($user->shop_id, Logged::SignedIn, $user);
    }
}
