<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Steps\Station;

/** A stretch of a bench day, in minutes from midnight: hands at one job, or one job waiting by itself. */
final readonly class BenchBlock
{
    public function __construct(public int $job, public Station $station, public int $from, public int $to, public bool $waits)
    {
    }
}
