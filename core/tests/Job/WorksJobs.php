<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;

/** A job of a kind of hub, worked from what was entered. */
trait WorksJobs
{
    /**
     * @param  array<string, array<string, mixed>>  $entries by place
     * @param  array<string, string>  $habits
     */
    private static function bench(string $pattern, array $entries = [], array $habits = []): Bench
    {
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return new Bench(HubPatterns::find($pattern), $notebook, [], null, DrawBolt::M12, habits: $habits);
    }

    /**
     * @param  array<string, array<string, mixed>>  $entries by place
     * @param  array<string, string>  $habits
     */
    private static function job(string $pattern, array $entries = [], array $habits = []): JobReport
    {
        return (new WheelJob(Limits::standard()))->report(self::bench($pattern, $entries, $habits));
    }
}
