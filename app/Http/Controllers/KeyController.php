<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteInLog;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\AcceptKeyRequest;
use App\Http\Resources\KeyCard;
use App\Http\Resources\KeysShown;
use App\JobFile\ShopKey;
use App\Models\AcceptedKey;
use App\Models\Job;
use App\Models\Logged;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;

/** The keys by which shops know each other's job files. */
final class KeyController
{
    #[Documented('The key this shop signs with, and those of others: the owner', answers: KeysShown::class)]
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);
        $own = ShopKey::of($user->shop_id)->public;
        /** @var array<string, object{key: string, shop: string, jobs: int}> $came */
        $came = Job::query()
            ->whereRaw("origin ->> 'key' is not null")
            ->selectRaw("origin ->> 'key' as key, max(origin ->> 'shop') as shop, count(*) as jobs")
            ->groupByRaw("origin ->> 'key'")
            ->orderByRaw('max(id) desc')
            ->limit(100)
            ->toBase()
            ->get()
            ->keyBy('key')
            ->all();
        $accepted = AcceptedKey::query()->whereNull('revoked_at')->with('acceptor:id,name')->orderBy('name')->limit(100)->get();
        $known = [$own, ...$accepted->pluck('public_key')->all()];
        $seen = array_filter($came, static fn (object $one): bool => ! in_array($one->key, $known, true));

        return Answer::with(new KeysShown(
            ShopKey::fingerprint($own),
            array_values($accepted->map(static fn (AcceptedKey $k): KeyCard => KeyCard::of($k, $came[$k->public_key]->jobs ?? 0))->all()),
            array_values(array_map(
                static fn (object $k): KeyCard => new KeyCard(null, $k->key, '', $k->shop, $k->jobs, null, null),
                $seen,
            )),
        ));
    }

    #[Documented('Accept the key of another shop, whose fingerprint was compared: the owner', answers: KeyCard::class, status: 201)]
    public function store(AcceptKeyRequest $request, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);
        $key = AcceptedKey::query()->whereNull('revoked_at')->firstOrCreate(
            ['public_key' => $request->string('key')->toString()],
            ['name' => $request->string('name')->trim()->toString(), 'accepted_by' => $user->id, 'accepted_at' => Carbon::now()],
        );
        $note($user->shop_id, Logged::KeyAccepted, $user, detail: $key->name.', '.ShopKey::fingerprint($key->public_key));

        return Answer::with(KeyCard::of($key->load('acceptor'), 0), 201);
    }

    #[Documented('A key is no longer believed: the owner', status: 204)]
    public function destroy(AcceptedKey $key, NoteInLog $note, #[CurrentUser] User $user): Response
    {
        Gate::authorize('update', $user->shop);
        $key->update(['revoked_at' => Carbon::now()]);
        $note($user->shop_id, Logged::KeyRevoked, $user, detail: $key->name.', '.ShopKey::fingerprint($key->public_key));

        return Answer::nothing();
    }
}
