<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating;

use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Tooling\Bench;

/** The fifth station: rings home in their order, what holds them and what lies between, the seals. */
final readonly class Seat
{
    public function report(Bench $bench, Progress $progress): StationReport
    {
        return StationReport::of(Station::Seat, (new Assembly($bench, $progress))->steps(), $bench->notebook);
    }
}
