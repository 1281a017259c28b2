<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Practice\Bench\Chance;

/** A run of simulated jobs whose truth is known, and how often the program was right. */
interface Trial
{
    /** @return list<TrialFigure> */
    public function run(Chance $chance, int $jobs): array;
}
