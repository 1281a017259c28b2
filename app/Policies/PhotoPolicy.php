<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Photo;
use App\Models\User;

final class PhotoPolicy
{
    public function remove(User $user, Photo $photo): bool
    {
        return $photo->shop_id === $user->shop_id && $user->role->mayWork();
    }

    public function view(User $user, Photo $photo): bool
    {
        return $photo->shop_id === $user->shop_id;
    }
}
