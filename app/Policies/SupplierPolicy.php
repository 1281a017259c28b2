<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Supplier;
use App\Models\User;

final class SupplierPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return $user->role->mayBuy();
    }

    /** Puts another price list in the place of the one there is. */
    public function update(User $user, Supplier $supplier): bool
    {
        return $supplier->shop_id === $user->shop_id && $user->role->mayBuy();
    }
}
