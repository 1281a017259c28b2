<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Order;
use App\Models\User;

final class OrderPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, Order $order): bool
    {
        return $order->shop_id === $user->shop_id;
    }

    public function create(User $user): bool
    {
        return $user->role->mayBuy();
    }

    /** Whoever opens the parcel books it in. */
    public function receive(User $user, Order $order): bool
    {
        return $order->shop_id === $user->shop_id;
    }
}
