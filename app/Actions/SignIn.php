<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Logged;
use App\Models\User;
use App\SignIn\BenchCode;
use App\SignIn\KnownDevice;
use App\SignIn\LiveSession;
use App\SignIn\SendingRight;
use App\SignIn\TabletHere;
use App\SignIn\Tries;
use CleanRace\Core\Measure\InvalidInput;
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
        private ProveTimeCode $prove,
        private BenchCode $codes,
        private TabletHere $here,
    ) {
    }

    /**
     * @return ?User null when the two do not fit
     *
     * @throws TooManyRequestsHttpException
     * @throws InvalidInput about the code, when one is asked for and this is none
     */
    public function __invoke(Request $request, string $email, string $password, bool $remember, string $code = ''): ?User
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
        $this->mustProve($request, $user, $code, 'code');
        $this->tries->worked($request, $email, $user);
        if ($this->hasher->needsRehash($user->password)) {
            $user->forceFill(['password' => $password])->save();
        }
        $this->begin($request, $user, $remember);

        return $user;
    }

    /**
     * The second proof of whoever has one: said to be missing, or to be wrong.
     *
     * @throws InvalidInput when it is not given
     */
    public function mustProve(Request $request, User $user, string $code, string $field): void
    {
        if ($user->time_code_since === null) {
            return;
        }
        if (trim($code) === '') {
            throw InvalidInput::about($field, 'Type the code that your device shows.');
        }
        if (! ($this->prove)($user, $code)) {
            $this->tries->failed($request, $user->email, $user);
            throw InvalidInput::about($field, 'That is not the code of now, nor one of your recovery codes.');
        }
        $user->refresh();
    }

    /** Begins a session for somebody of whom it is known who they are. */
    public function begin(Request $request, User $user, bool $remember): void
    {
        Auth::guard('web')->login($user, $remember);
        $request->session()->regenerate();
        $request->session()->put(LiveSession::MARK, $user->session_mark);
        $request->session()->forget(BenchCode::TAKEN);
        $this->devices->knows($request, $user);
        $tablet = $this->here->find($request);
        $this->codes->forget($user, $tablet);
        if ($tablet !== null) {
            SendingRight::lend($request, $user, $tablet);
        }
        ($this->note)($user->shop_id, Logged::SignedIn, $user);
    }
}
