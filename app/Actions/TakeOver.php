<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Logged;
use App\Models\Tablet;
use App\Models\User;
use App\SignIn\BenchCode;
use App\SignIn\LiveSession;
use App\SignIn\SendingRight;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** At an enrolled bench where somebody is signed in, another person of the shop takes over by their code. */
final readonly class TakeOver
{
    public function __construct(private BenchCode $codes, private NoteInLog $note)
    {
    }

    /**
     * @return bool whether the code was theirs
     *
     * @throws Conflict when their password is to be typed here first
     */
    public function __invoke(Request $request, Tablet $tablet, User $person, string $code): bool
    {
        if (! $this->codes->fits($person, $tablet, $code)) {
            return false;
        }
        Auth::guard('web')->login($person);
        $request->session()->regenerate();
        $request->session()->put([LiveSession::MARK => $person->session_mark, BenchCode::TAKEN => true]);
        SendingRight::lend($request, $person, $tablet);
        ($this->note)($person->shop_id, Logged::TookOver, $person, detail: $tablet->name);

        return true;
    }
}
