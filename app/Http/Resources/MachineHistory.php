<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** A machine with the jobs done on it and what was carried forward. */
final readonly class MachineHistory
{
    /**
     * @param  list<PastJob>  $jobs newest first
     * @param  list<SetCard>  $sets newest first
     * @param  list<DueCard>  $due the next first
     */
    public function __construct(public MachineCard $machine, public array $jobs, public array $sets, public array $due)
    {
    }
}
