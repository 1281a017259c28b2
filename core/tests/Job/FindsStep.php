<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Steps\Step;

/** Finds a step of a report by its id, wherever it stands; a test fails that names one which is not there. */
trait FindsStep
{
    private static function step(JobReport $report, string $id): Step
    {
        $ids = [];
        foreach ($report->stations as $station) {
            foreach ($station->steps as $step) {
                if ($step->id === $id) {
                    return $step;
                }
                $ids[] = $step->id;
            }
        }
        self::fail("No step $id among ".implode(' ', $ids));
    }

    /** @return array<string, Step> by id, in the order of the job */
    private static function steps(JobReport $report): array
    {
        $steps = [];
        foreach ($report->stations as $station) {
            foreach ($station->steps as $step) {
                $steps[$step->id] = $step;
            }
        }

        return $steps;
    }
}
