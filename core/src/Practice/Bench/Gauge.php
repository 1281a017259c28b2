<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;

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

    /**
     * What it shows of a bore: inside jaws of a caliper read it small.
     *
     * @param  float  $mm the true diameter
     */
    public function bore(float $mm, Instrument $by, Limits $limits): Reading
    {
        if ($by !== Instrument::DigitalCaliper) {
            return $this->read($mm, $by);
        }
        $hidden = $limits->get($mm < $limits->get('fit.jaws_from') ? 'fit.jaws_small' : 'fit.jaws_large');
        $shown = $mm - $hidden + $this->chance->error($limits->get('fit.jaws_half') / sqrt(3));

        return Reading::mm(round($shown, 2), $by);
    }
}
