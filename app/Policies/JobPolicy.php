<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Sourcing\CustomerWord;

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

    /** Takes a job in from a file: others may have written it, so it takes somebody whose word counts. */
    public function takeIn(User $user): bool
    {
        return $user->role->maySign();
    }

    public function view(User $user, Job $job): bool
    {
        return $job->shop_id === $user->shop_id;
    }

    /** Whoever stands at the bench works on a job: photos, traces, words after the signature. */
    public function work(User $user, Job $job): bool
    {
        return $job->shop_id === $user->shop_id && $user->role->mayWork();
    }

    /** Keeps an entry: at the bench all; at the counter what the customer is asked, says and answers. */
    public function keep(User $user, Job $job, string $place): bool
    {
        return $job->shop_id === $user->shop_id &&
            ($user->role->mayWork() || in_array($place, [Places::COMPLAINT, ...CustomerWord::places()], true));
    }

    /** Whoever opens jobs corrects which wheel it is, and closes one that was opened by mistake. */
    public function putRight(User $user, Job $job): bool
    {
        return $job->shop_id === $user->shop_id;
    }

    public function sign(User $user, Job $job): bool
    {
        return $job->shop_id === $user->shop_id && $user->role->maySign();
    }
}
