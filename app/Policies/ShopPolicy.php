<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;

final class ShopPolicy
{
    public function update(User $user, Shop $shop): bool
    {
        return $user->shop_id === $shop->id && $user->role === Role::Owner;
    }
}
