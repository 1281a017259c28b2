<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Tool;
use App\Models\User;

final class ToolPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function update(User $user, Tool $tool): bool
    {
        return $tool->shop_id === $user->shop_id && $user->role->mayKeepTools();
    }

    public function create(User $user): bool
    {
        return $user->role->mayKeepTools();
    }
}
