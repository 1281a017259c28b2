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
use Illuminate\Support\Facades\Password;

/** Gives a person another name or role, lets them leave, or takes them back. A shop always keeps an owner. */
final readonly class ChangePerson
{
    public function __construct(private NoteInLog $note)
    {
    }

    public function rename(User $person, string $name, User $by): void
    {
        [$was, $person->name] = [$person->name, $name];
        if ($was !== $name) {
            $person->save();
            ($this->note)($person->shop_id, Logged::Renamed, $by, $person, "$was → $name");
        }
    }

    /** @throws Conflict when nobody would own the shop */
    public function role(User $person, Role $role, User $by): void
    {
        if ($person->role === $role) {
            return;
        }
        $this->keepingAnOwner($person, function () use ($person, $role, $by): void {
            $was = $person->role;
            $person->forceFill(['role' => $role])->save();
            ($this->note)($person->shop_id, Logged::RoleChanged, $by, $person, "{$was->value} → {$role->value}");
        });
    }

    /**
     * What they did stays under their name; they sign in no more, and where they are signed in ends.
     *
     * @throws Conflict when nobody would own the shop
     */
    public function leave(User $person, User $by): void
    {
        if ($person->left_at !== null) {
            return;
        }
        $this->keepingAnOwner($person, function () use ($person, $by): void {
            $person->endSessions()->forceFill(['left_at' => Carbon::now()])->save();
            $person->tokens()->delete();
            Password::broker()->deleteToken($person);
            ($this->note)($person->shop_id, Logged::Left, $by, $person);
        });
    }

    public function comeBack(User $person, User $by): void
    {
        if ($person->left_at !== null) {
            $person->forceFill(['left_at' => null])->save();
            ($this->note)($person->shop_id, Logged::CameBack, $by, $person);
        }
    }

    public function endSessions(User $person, User $by): void
    {
        $person->endSessions()->save();
        ($this->note)($person->shop_id, Logged::SessionsEnded, $by, $person);
    }

    /** @param  callable(): void  $change */
    private function keepingAnOwner(User $person, callable $change): void
    {
        DB::transaction(static function () use ($person, $change): void {
            // Two owners who take leave of each other at once wait here for one another.
            Shop::query()->whereKey($person->shop_id)->lockForUpdate()->firstOrFail();
            $change();
            $owned = User::query()
                ->where('shop_id', $person->shop_id)
                ->where('role', Role::Owner)
                ->whereNull('left_at')
                ->whereNotNull('joined_at')
                ->exists();
            if (! $owned) {
                throw Conflict::lastOwner();
            }
        });
    }
}
