<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Machine;
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

    public function update(User $user, Machine $machine): bool
    {
        return $this->view($user, $machine);
    }
}
