<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Plan;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;

/** A hub at the setting station, with a wrench and washers on the wall. */
trait SetHub
{
    use FindsStep;

    /**
     * @param  array<string, array<string, mixed>|string>  $entries a plain text is a choice
     * @param  array<string, string>  $habits
     * @param  list<Angle>  $shifts
     */
    private static function bench(string $pattern, array $entries = [], array $habits = [], array $shifts = []): Bench
    {
        $notebook = new Notebook(
            array_map(
                static fn (array|string $e): array => [
                    'value' => is_string($e) ? ['choice' => $e] : $e,
                    'instrument' => is_array($e) && is_string($e['by'] ?? null) ? $e['by'] : null,
                ],
                $entries,
            ),
        );
        $wall = [
            new WallTool(
                '7',
                'Small wrench',
                ToolKind::TorqueWrench,
                torqueLow: Torque::newtonMetres(5),
                torqueHigh: Torque::newtonMetres(60),
            ),
            new WallTool('8', 'Shim washers', ToolKind::Washer, opening: Length::mm(19.5), length: Length::mm(0.5), count: 6),
            new WallTool('9', 'Wide washers', ToolKind::Washer, opening: Length::mm(40), length: Length::mm(0.4), count: 6),
            new WallTool('10', 'Thin washers', ToolKind::Washer, length: Length::mm(0.1), count: 6),
        ];

        return new Bench(
            HubPatterns::find($pattern),
            $notebook,
            [],
            null,
            DrawBolt::M12,
            wall: $wall,
            habits: $habits,
            lockShifts: $shifts,
        );
    }

    /**
     * @param  array<string, array<string, mixed>|string>  $entries
     * @param  array<string, string>  $habits
     * @param  list<Angle>  $shifts
     */
    private static function report(string $pattern, array $entries = [], array $habits = [], array $shifts = []): JobReport
    {
        return (new WheelJob(Limits::standard()))->report(self::bench($pattern, $entries, $habits, $shifts));
    }
}
