<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Logged;
use App\Models\User;
use App\SignIn\OneTimeCode;
use App\SignIn\Tries;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Password;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Takes a one-time code: its person chooses a password and is signed in; every other session of theirs ends. */
final readonly class Join
{
    public function __construct(private Tries $tries, private SignIn $signIn, private NoteInLog $note)
    {
    }

    /**
     * @return ?User null when there is no such code for that address, or it is over
     *
     * @throws TooManyRequestsHttpException
     * @throws InvalidInput about the time code of whoever has one
     */
    public function __invoke(Request $request, string $email, string $code, string $password, bool $remember, string $timeCode = ''): ?User
    {
        $email = mb_strtolower(trim($email));
        // Guessing a code is counted apart from guessing a password: who mistypes one can still try the other.
        $account = 'code:'.$email;
        $this->tries->mustBeLeft($request, $account, null);
        $known = User::query()->whereNull('left_at')->where('email', $email)->first();
        if ($known !== null && Password::broker()->tokenExists($known, OneTimeCode::read($code))) {
            // Whoever holds the code alone is not told whether another one is asked for.
            $this->signIn->mustProve($request, $known, $timeCode, 'time_code');
        }
        $joined = null;
        Password::broker()->reset(
            ['email' => $email, 'token' => OneTimeCode::read($code), 'password' => $password],
            function (User $user) use ($password, &$joined): void {
                $first = $user->joined_at === null;
                $user
                    ->endSessions()
                    ->forceFill(['password' => $password, 'joined_at' => $user->joined_at ?? Carbon::now()])
                    ->save();
                ($this->note)($user->shop_id, $first ? Logged::Joined : Logged::PasswordChanged, $user);
                $joined = $user;
            },
        );
        if (! $joined instanceof User) {
            $this->tries->failed($request, $account, null);

            return null;
        }
        $this->tries->worked($request, $account, null);
        $this->signIn->begin($request, $joined, $remember);

        return $joined->load('shop');
    }
}
