<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Machine;
use App\Models\Role;
use App\Models\User;

final class MachinePolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    /** A list of them at once: whoever buys and sells here. */
    public function import(User $user): bool
    {
        return $user->role->mayBuy();
    }

    public function view(User $user, Machine $machine): bool
    {
        return $machine->shop_id === $user->shop_id;
    }

    /** What is kept of its owner, and what they said, goes at the word of whoever answers for the shop. */
    public function erase(User $user, Machine $machine): bool
    {
        return $machine->shop_id === $user->shop_id && $user->role === Role::Owner;
    }

    public function update(User $user, Machine $machine): bool
    {
        return $this->view($user, $machine);
    }
}
