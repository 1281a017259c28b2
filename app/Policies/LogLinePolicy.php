<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

final class LogLinePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role === Role::Owner;
    }
}
