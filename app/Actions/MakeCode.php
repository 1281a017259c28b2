<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Logged;
use App\Models\User;
use App\SignIn\OneTimeCode;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Password;

/** Makes a code by which a person chooses a password: the first, or another one. The code before it ends. */
final readonly class MakeCode
{
    public function __construct(private NoteInLog $note)
    {
    }

    /** @return array{string, string, CarbonImmutable} the code, the path and query of its page, and until when it holds */
    public function __invoke(User $person, ?User $by = null): array
    {
        $code = OneTimeCode::shown(Password::broker()->createToken($person));
        ($this->note)($person->shop_id, Logged::CodeMade, $by, $person);
        $until = CarbonImmutable::now()->addMinutes((int) config('auth.passwords.users.expire'));

        return [$code, '/join?'.http_build_query(['email' => $person->email, 'code' => $code]), $until];
    }
}
