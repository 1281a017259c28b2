<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Logged;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Adds somebody to a shop. They cannot sign in before they chose a password, by a code. */
final readonly class AddPerson
{
    public function __construct(private NoteInLog $note)
    {
    }

    /** @throws InvalidInput when somebody signs in with that address */
    public function __invoke(Shop $shop, string $name, string $email, Role $role, ?User $by = null): User
    {
        $user = new User([
            'name' => $name,
            'email' => mb_strtolower(trim($email)),
            'password' => Str::password(40),
            'role' => $role,
            'units' => $shop->units,
            'theme' => 'light',
        ]);
        try {
            DB::transaction(fn () => $user->forceFill(['shop_id' => $shop->id])->save());
        } catch (UniqueConstraintViolationException) {
            throw InvalidInput::about('email', 'Somebody signs in with this address already.');
        }
        if ($by !== null) {
            ($this->note)($shop->id, Logged::Added, $by, $user, $role->value);
        }

        return $user->refresh()->setRelation('shop', $shop);
    }
}
