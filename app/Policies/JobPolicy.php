<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;

final class JobPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function view(User $user, Job $job): bool
    {
        return $job->shop_id === $user->shop_id;
    }

    /** Anyone of the shop works on a job. */
    public function work(User $user, Job $job): bool
    {
        return $job->shop_id === $user->shop_id;
    }

    public function sign(User $user, Job $job): bool
    {
        return $job->shop_id === $user->shop_id && $user->role->maySign();
    }
}
