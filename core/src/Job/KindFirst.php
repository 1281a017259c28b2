<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;

/** The stations of a hub whose kind nobody has said yet: all of them ask for it, none of them judges anything. */
final readonly class KindFirst
{
    /** Strip goes as far as the hub shows itself; then its kind is said. */
    public static function stripped(StationReport $strip, Bench $bench): StationReport
    {
        // Neither the plan nor its tools are known.
        $known = static fn (Step $s): bool => ! in_array($s->id, ['strip.plan', 'strip.tools'], true);
        $steps = array_values(array_filter($strip->steps, $known));

        return StationReport::of(Station::Strip, [...$steps, self::step(Station::Strip)], $bench->notebook);
    }

    /** A station that waits for the kind. */
    public static function station(Station $station, Bench $bench): StationReport
    {
        return StationReport::of($station, [self::step($station)], $bench->notebook);
    }

    private static function step(Station $station): Step
    {
        return Step::of(
            $station->value.'.kind',
            'How is it built',
            'Choose what it looks like. What was entered stays, and the plan, the drawing and the judgements follow.',
        )->on(Panel::Kind);
    }
}
