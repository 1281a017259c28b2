<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;

/** The fifth station: rings home in their order, what holds them and what lies between, the seals. */
final readonly class Seat
{
    /** The station as it stands. */
    public function report(Bench $bench, SeatingRun $run): StationReport
    {
        return StationReport::of(Station::Seat, (new Assembly($bench, $run))->steps(), $bench->notebook);
    }
}
