<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Recording;
use App\Models\User;

/** Recordings carry voices: whoever stands at the bench of the shop hears them, the counter does not. */
final class RecordingPolicy
{
    public function remove(User $user, Recording $recording): bool
    {
        return $recording->shop_id === $user->shop_id && $user->role->mayWork();
    }

    public function view(User $user, Recording $recording): bool
    {
        return $recording->shop_id === $user->shop_id && $user->role->mayWork();
    }
}
