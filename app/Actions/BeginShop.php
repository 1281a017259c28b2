<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Logged;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Begins the first shop of a server, with its owner. Once: whoever comes second is told that it has begun. */
final readonly class BeginShop
{
    public function __construct(private AddPerson $add, private NoteInLog $note)
    {
    }

    /**
     * @param  array<string, string|int|bool|null>  $shop by column
     * @param  array{name: string, email: string, password: string}  $person
     *
     * @throws Conflict when there is a shop already
     */
    public function __invoke(array $shop, array $person): User
    {
        return DB::transaction(function () use ($shop, $person): User {
            DB::statement('lock table shops in exclusive mode');
            if (Shop::query()->exists()) {
                throw Conflict::begun();
            }
            $shop = Shop::query()->create($shop)->refresh();
            ['name' => $name, 'email' => $email] = $person;
            $owner = ($this->add)($shop, $name, $email, Role::Owner);
            $owner->forceFill(['password' => $person['password'], 'joined_at' => Carbon::now()])->save();
            ($this->note)($shop->id, Logged::Began, $owner);

            return $owner;
        });
    }
}
