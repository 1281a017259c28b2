<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** A machine with the jobs done on it and what was carried forward. */
final readonly class MachineHistory
{
    /** @param  list<PastJob>  $jobs newest first */
    public function __construct(public MachineCard $machine, public array $jobs)
    {
    }
}
