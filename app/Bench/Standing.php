<?php

declare(strict_types=1);

namespace App\Bench;

use CleanRace\Core\Hub\Status;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Measure\Notebook;

/** Where each station of a job is, in few words, for the board. */
final class Standing
{
    /** @return array{stations: array<string, string>, waits_at: string, complaint: string} */
    public static function of(JobReport $report, Notebook $notebook): array
    {
        $stations = [];
        $waits = 'prove';
        foreach (array_reverse($report->stations) as $station) {
            $stations[$station->station->value] = $station->status->value;
            $waits = in_array($station->status, [Status::Settled, Status::Care], true) ? $waits : $station->station->value;
        }

        return ['stations' => array_reverse($stations), 'waits_at' => $waits, 'complaint' => $notebook->text('check.complaint') ?? ''];
    }
}
