<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Steps\Station;

/** A piece of work that is done in one go, and the waiting that follows it: soaking, cooling, curing. Minutes. */
final readonly class BenchPiece
{
    public function __construct(public Station $station, public int $hand, public int $wait)
    {
    }
}
