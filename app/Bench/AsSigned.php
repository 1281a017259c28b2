<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Shapes\Json;
use CleanRace\Core\Job\JobReport;

/** A signed job is shown as it was judged when it was signed, whatever hangs on the wall or counts as a limit since. */
final class AsSigned
{
    /**
     * @param  JobReport  $report as it would be worked out today
     * @return array<string, mixed> the report as JSON has it
     */
    public static function shown(Job $job, JobReport $report): array
    {
        /** @var array{stations: list<array{station: string}>} $today */
        $today = Json::of($report);
        $frozen = $job->signOff?->card['report'] ?? null;
        if (! is_array($frozen)) {
            return $today;
        }
        /** @var list<array{station: string}> $stations */
        $stations = $frozen['stations'] ?? [];
        $prove = array_column($today['stations'], null, 'station')['prove'] ?? null;

        // What a report has learnt to say since is worked out anew, and so is the last station: then it was not signed yet.
        return ['stations' => array_map(static fn (array $s): array => $s['station'] === 'prove' && $prove !== null ? $prove : $s, $stations)] + $frozen + $today;
    }
}
