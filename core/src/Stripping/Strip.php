<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\AskKind;
use CleanRace\Core\Hub\Panel;
use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Hub\Step;
use CleanRace\Core\Tooling\Bench;

/** The second station: the pattern's take-down, part by part onto the tray. */
final readonly class Strip
{
    public function report(Bench $bench): StationReport
    {
        $steps = array_map(
            static fn (Step $step): Step => (array_filter($step->asks, static fn (Ask $a): bool => $a->kind === AskKind::Part) === [] ? $step : $step->on(Panel::Tray))->advice(),
            $bench->pattern->takeDown($bench->notebook),
        );

        return StationReport::of(Station::Strip, $steps, $bench->notebook);
    }
}
