<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Everyone of a shop knows who works there; the owner says who does. */
final class UserPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return $user->role === Role::Owner;
    }

    public function update(User $user, User $person): bool
    {
        return $user->role === Role::Owner && $person->shop_id === $user->shop_id;
    }
}
