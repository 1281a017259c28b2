<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

final class ToolPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return $user->role->mayKeepTools();
    }
}
