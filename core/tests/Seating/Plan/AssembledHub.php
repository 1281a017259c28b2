<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\WallTool;

/** A hub at the seating station, and its parts put in. */
trait AssembledHub
{
    use FindsStep;

    /**
     * @param  array<string, mixed>  $entries a string is a choice
     * @param  array<string, string>  $habits
     * @param  list<WallTool>  $wall
     */
    private static function report(
        string $pattern,
        array $entries = [],
        array $habits = [],
        array $wall = [],
        ?Force $press = null,
    ): JobReport {
        $notebook = new Notebook(
            array_map(static fn (mixed $v): array => ['value' => is_string($v) ? ['choice' => $v] : $v, 'instrument' => null], $entries),
        );
        $drivers = array_values(array_filter(array_map(static fn (WallTool $t): ?Tool => $t->driver(), $wall)));

        return (new WheelJob(Limits::standard()))->report(
            new Bench(HubPatterns::find($pattern), $notebook, $drivers, $press, DrawBolt::M12, false, $wall, $habits),
        );
    }

    /** @return list<Step> */
    private static function steps(JobReport $report): array
    {
        return $report->stations[4]->steps;
    }

    /** @return list<string> */
    private static function keys(Step $step): array
    {
        return array_map(static fn ($v): string => $v->headline->key, $step->verdicts);
    }
}
