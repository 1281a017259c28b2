<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteInLog;
use App\Http\Answer;
use App\Http\Conflicts\Conflict;
use App\Http\Documented;
use App\Http\Requests\ShopRequest;
use App\Http\Resources\ShopSheet;
use App\Models\Logged;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class ShopController
{
    #[Documented('The shop of whoever is signed in, and how it goes about things', answers: ShopSheet::class)]
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return Answer::with(ShopSheet::of($user->shop, $user->can('update', $user->shop)));
    }

    #[Documented('Change what is noted of the shop, and how it goes about things: the owner', answers: ShopSheet::class)]
    public function update(ShopRequest $request, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);
        $shop = $user->shop;
        $shop->fill(['habits' => [...$shop->habits, ...$request->habits()]] + $request->columns());
        if ($shop->alone && self::others($user)) {
            throw Conflict::othersHere();
        }
        $changed = array_keys($shop->getDirty());
        $shop->save();
        if ($changed !== []) {
            $note($shop->id, Logged::ShopChanged, $user, detail: implode(', ', $changed));
        }

        return Answer::with(ShopSheet::of($user->shop, true));
    }

    private static function others(User $user): bool
    {
        return User::query()->where('shop_id', $user->shop_id)->whereNull('left_at')->whereKeyNot($user->id)->exists();
    }
}
