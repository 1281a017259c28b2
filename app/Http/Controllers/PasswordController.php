<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteInLog;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\People\PasswordRequest;
use App\Models\Logged;
use App\Models\User;
use App\SignIn\LiveSession;
use App\SignIn\Tries;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;

final class PasswordController
{
    #[Documented('Change your own password; you are signed out everywhere else', status: 204)]
    public function update(PasswordRequest $request, Tries $tries, NoteInLog $note, #[CurrentUser] User $user): Response
    {
        $tries->mustBeLeft($request, $user->email, $user);
        if (! Hash::check($request->string('present')->toString(), $user->password)) {
            $tries->failed($request, $user->email, $user);
            throw InvalidInput::about('present', 'That is not your present password.');
        }
        $tries->worked($request, $user->email, $user);
        $user
            ->endSessions()
            ->forceFill(['password' => $request->string('password')->toString()])
            ->save();
        LiveSession::goesOn($request, $user);
        $note($user->shop_id, Logged::PasswordChanged, $user);

        return Answer::nothing();
    }
}
