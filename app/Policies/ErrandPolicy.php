<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Errand;
use App\Models\User;

final class ErrandPolicy
{
    /** Whoever asked for it hears of it. */
    public function view(User $user, Errand $errand): bool
    {
        return $errand->shop_id === $user->shop_id && $errand->by_id === $user->id;
    }
}
