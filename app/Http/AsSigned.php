<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\JobSheet;
use App\Models\Job;
use App\Shapes\Json;

/** A signed job is shown as it was judged when it was signed, whatever hangs on the wall or counts as a limit since. */
final class AsSigned
{
    /** @return JobSheet|array<string, mixed> */
    public static function shown(Job $job, JobSheet $sheet): JobSheet|array
    {
        $report = $job->signOff?->card['report'] ?? null;
        if (! is_array($report)) {
            return $sheet;
        }
        /** @var array{report: array{stations: list<array{station: string}>}} $shown */
        $shown = (array) Json::of($sheet);
        /** @var list<array{station: string}> $stations */
        $stations = $report['stations'] ?? [];
        $prove = array_column($shown['report']['stations'], null, 'station')['prove'] ?? null;

        // What a report has learnt to say since is worked out anew, and so is the last station: then it was not signed yet.
        return ['report' => [...$shown['report'], ...$report, 'stations' => array_map(static fn (array $s): array => $s['station'] === 'prove' && $prove !== null ? $prove : $s, $stations)]] + $shown;
    }
}
