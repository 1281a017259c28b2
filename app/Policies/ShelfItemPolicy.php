<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\ShelfItem;
use App\Models\User;

final class ShelfItemPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function take(User $user, ShelfItem $item): bool
    {
        return $item->shop_id === $user->shop_id;
    }
}
