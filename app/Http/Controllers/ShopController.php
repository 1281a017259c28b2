<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\ShopRequest;
use App\Http\Resources\ShopSheet;
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

    #[Documented('Change how the shop goes about things: the owner', answers: ShopSheet::class)]
    public function update(ShopRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);
        $user->shop->update(['habits' => [...$user->shop->habits, ...$request->habits()]]);

        return Answer::with(ShopSheet::of($user->shop, true));
    }
}
