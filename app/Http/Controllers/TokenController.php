<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteInLog;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\People\TokenRequest;
use App\Http\Resources\People\TokenCard;
use App\Http\Resources\People\TokenMade;
use App\Models\Logged;
use App\Models\Role;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\PersonalAccessToken;

/** Access for devices and scripts: each sees and ends their own; the owner sees and ends all of the shop. */
final class TokenController
{
    private const MOST = 200;

    #[Documented('Your access tokens; to the owner all of the shop', answers: TokenCard::class, many: true)]
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        $tokens = self::seenBy($user)->with('tokenable')->orderByDesc('id')->limit(self::MOST)->get();

        return Answer::with([
            'data' => $tokens
                ->map(static function (PersonalAccessToken $token): TokenCard {
                    /** @var User $by */
                    $by = $token->tokenable;

                    return TokenCard::of($token, $by);
                })
                ->all(),
        ]);
    }

    #[Documented('Make an access token; it is shown once', answers: TokenMade::class, status: 201)]
    public function store(TokenRequest $request, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        $name = $request->string('name')->trim()->toString();
        $made = $user->createToken($name, $request->rights(), Carbon::now()->addDays($request->integer('days')));
        $note($user->shop_id, Logged::TokenMade, $user, detail: $name);

        return Answer::with(new TokenMade(TokenCard::of($made->accessToken, $user), $made->plainTextToken), 201);
    }

    #[Documented('End an access token at once', status: 204)]
    public function destroy(string $token, NoteInLog $note, #[CurrentUser] User $user): Response
    {
        $found = self::seenBy($user)->with('tokenable')->findOrFail($token);
        $found->delete();
        $note($user->shop_id, Logged::TokenEnded, $user, detail: $found->name);

        return Answer::nothing();
    }

    /** @return Builder<PersonalAccessToken> */
    private static function seenBy(User $user): Builder
    {
        $people = $user->role === Role::Owner
            ? User::query()->where('shop_id', $user->shop_id)->select('id')
            : User::query()->whereKey($user->id)->select('id');

        return PersonalAccessToken::query()->where('tokenable_type', $user->getMorphClass())->whereIn('tokenable_id', $people);
    }
}
