<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddPerson;
use App\Actions\ChangePerson;
use App\Actions\Erase;
use App\Actions\MakeCode;
use App\Http\Answer;
use App\Http\Conflicts\Conflict;
use App\Http\Documented;
use App\Http\Requests\People\CodeRequest;
use App\Http\Requests\People\NewPersonRequest;
use App\Http\Requests\People\PersonRequest;
use App\Http\Resources\People\CodeShown;
use App\Http\Resources\People\PeopleSheet;
use App\Http\Resources\People\PersonCard;
use App\Mail\CodeByMail;
use App\Models\Role;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;

/** Who works in the shop. */
final class PeopleController
{
    /** Nobody has more; a list that is longer is cut. */
    private const MOST = 200;

    #[Documented('The people of the shop; those who left come last', answers: PeopleSheet::class)]
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', User::class);
        $may = $user->can('create', User::class);
        $people = User::query()
            ->where('shop_id', $user->shop_id)
            ->orderByRaw('left_at is not null')
            ->orderBy('name')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();

        return Answer::with(
            new PeopleSheet(
                array_values($people->map(static fn (User $one): PersonCard => PersonCard::of($one, $may))->all()),
                $may,
                self::mails(),
            ),
        );
    }

    #[Documented('Add somebody, who then joins by a code: the owner', answers: PersonCard::class, status: 201)]
    public function store(NewPersonRequest $request, AddPerson $add, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', User::class);
        if ($user->shop->alone) {
            throw Conflict::alone();
        }
        ['name' => $name, 'email' => $email, 'role' => $role] = $request->person();

        return Answer::with(PersonCard::of($add($user->shop, $name, $email, $role, $user), true), 201);
    }

    #[Documented('Another name or role: the owner', answers: PersonCard::class)]
    public function update(PersonRequest $request, User $person, ChangePerson $change, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $person);
        if ($request->has('name')) {
            $change->rename($person, $request->string('name')->trim()->toString(), $user);
        }
        if ($request->has('role')) {
            $change->role($person, Role::from($request->string('role')->toString()), $user);
        }

        return Answer::with(PersonCard::of($person, true));
    }

    #[Documented('Somebody leaves; what they did stays under their name: the owner', answers: PersonCard::class)]
    public function leave(User $person, ChangePerson $change, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $person);
        $change->leave($person, $user);

        return Answer::with(PersonCard::of($person, true));
    }

    #[Documented('Somebody who left comes back: the owner', answers: PersonCard::class)]
    public function comeBack(User $person, ChangePerson $change, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $person);
        $change->comeBack($person, $user);

        return Answer::with(PersonCard::of($person, true));
    }

    #[Documented('Erase the name and address of somebody who left; what they did stays: the owner', answers: PersonCard::class)]
    public function erase(User $person, Erase $erase, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $person);
        $erase->person($person, $user);

        return Answer::with(PersonCard::of($person, true));
    }

    #[Documented('A one-time code by which somebody chooses a password: the owner', answers: CodeShown::class, status: 201)]
    public function code(CodeRequest $request, User $person, MakeCode $make, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $person);
        if ($person->left_at !== null) {
            throw Conflict::hasLeft();
        }
        [$code, $address, $until] = $make($person, $user);
        $mail = $request->boolean('mail') && self::mails();
        if ($mail) {
            Mail::to($person->email)->send(new CodeByMail($user->shop, $code, $request->getSchemeAndHttpHost().$address, $until));
        }

        return Answer::with(new CodeShown(PersonCard::of($person, true), $code, $address, $until, $mail ? $person->email : null), 201);
    }

    #[Documented('End every session of somebody: the owner', status: 204)]
    public function endSessions(User $person, ChangePerson $change, #[CurrentUser] User $user): Response
    {
        Gate::authorize('update', $person);
        $change->endSessions($person, $user);

        return Answer::nothing();
    }

    private static function mails(): bool
    {
        return config('mail.default') !== 'off';
    }
}
