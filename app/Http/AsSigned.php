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
        /** @var array<string, mixed> $shown */
        $shown = (array) Json::of($sheet);

        // What a report has learnt to say since it was signed is worked out anew.
        return ['report' => [...(array) $shown['report'], ...$report]] + $shown;
    }
}
