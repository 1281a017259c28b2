<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;

/** What an instrument shows of a true length: off by its half-width, evenly, and in its own steps. */
final readonly class Gauge
{
    public function __construct(private Chance $chance)
    {
    }

    /** @param  float  $mm the true length */
    public function read(float $mm, Instrument $by): Reading
    {
        $shown = $mm + $this->chance->error($by->halfWidth()->mm / sqrt(3));

        return Reading::mm(round($shown, $by === Instrument::DigitalCaliper ? 2 : 3), $by);
    }
}
