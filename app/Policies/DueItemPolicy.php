<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\DueItem;
use App\Models\User;

final class DueItemPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function settle(User $user, DueItem $item): bool
    {
        return $item->shop_id === $user->shop_id && $user->role->mayWork();
    }
}
