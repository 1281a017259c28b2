<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteInLog;
use App\Actions\ProveTimeCode;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\People\PresentPasswordRequest;
use App\Http\Requests\People\TimeCodeRequest;
use App\Http\Resources\People\RecoveryCodes;
use App\Http\Resources\People\TimeCodeBegun;
use App\Models\Logged;
use App\Models\User;
use App\SignIn\TimeCode;
use App\SignIn\Tries;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Hash;

/** A second proof at sign-in, for who wants it: a code that a device shows. */
final class TimeCodeController
{
    public function __construct(private readonly Tries $tries)
    {
    }

    #[Documented('Begin to use time codes: the secret for your device', answers: TimeCodeBegun::class, status: 201)]
    public function store(PresentPasswordRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $this->mustKnow($request, $user);
        $secret = TimeCode::secret();
        $user->forceFill(['time_code_secret' => $secret, 'time_code_since' => null, 'time_code_step' => 0])->save();

        return Answer::with(new TimeCodeBegun($secret, TimeCode::address($secret, $user->email, $user->shop->name)), 201);
    }

    #[Documented('Use time codes from now on: the first that your device shows', answers: RecoveryCodes::class)]
    public function update(TimeCodeRequest $request, ProveTimeCode $prove, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        $this->tries->mustBeLeft($request, $user->email, $user);
        if (! $prove($user, $request->string('code')->toString())) {
            $this->tries->failed($request, $user->email, $user);
            throw InvalidInput::about('code', 'That is not the code of now. Look whether the clock of the device is right.');
        }
        $this->tries->worked($request, $user->email, $user);
        $user->refresh();
        $codes = $prove->recovery($user);
        $user->forceFill(['time_code_since' => Carbon::now()])->save();
        $note($user->shop_id, Logged::TimeCodeOn, $user);

        return Answer::with(new RecoveryCodes($codes));
    }

    #[Documented('Use no time codes any more', status: 204)]
    public function destroy(PresentPasswordRequest $request, NoteInLog $note, #[CurrentUser] User $user): Response
    {
        $this->mustKnow($request, $user);
        $this->off($user, $user, $note);

        return Answer::nothing();
    }

    #[Documented('Somebody lost their device and their codes: they sign in by password alone again: the owner', status: 204)]
    public function takenOff(User $person, NoteInLog $note, #[CurrentUser] User $user): Response
    {
        Gate::authorize('update', $person);
        $this->off($person, $user, $note);

        return Answer::nothing();
    }

    private function off(User $person, User $by, NoteInLog $note): void
    {
        $was = $person->time_code_since !== null;
        $person
            ->forceFill(['time_code_secret' => null, 'time_code_since' => null, 'time_code_step' => 0, 'recovery_codes' => []])
            ->save();
        if ($was) {
            $note($person->shop_id, Logged::TimeCodeOff, $by, $person);
        }
    }

    private function mustKnow(PresentPasswordRequest $request, User $user): void
    {
        $this->tries->mustBeLeft($request, $user->email, $user);
        if (! Hash::check($request->string('present')->toString(), $user->password)) {
            $this->tries->failed($request, $user->email, $user);
            throw InvalidInput::about('present', 'That is not your present password.');
        }
        $this->tries->worked($request, $user->email, $user);
    }
}
