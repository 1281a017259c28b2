<?php

declare(strict_types=1);

namespace App\Errands;

use App\Models\Errand;
use App\Models\User;

interface DoesErrand
{
    /**
     * Does it, all of it or nothing, and says how far it is.
     *
     * @return array<string, mixed> what whoever asked is told
     */
    public function do(Errand $errand, User $by, Progress $progress): array;
}
