<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Record;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Setting\Plan\ConeSteps;
use CleanRace\Core\Tables\Limits;

/** What lock nuts did on the last hubs of a shop whose cones were set. */
final readonly class LockShiftsHere
{
    private const LATEST_JOBS = 12;

    /** @return list<Angle> none for a hub without cones */
    public static function before(Job $job): array
    {
        if (! in_array(HubSetting::Cones, HubPatterns::find($job->pattern)->card()->sets, true)) {
            return [];
        }
        $earlier = Job::query()
            ->where('shop_id', $job->shop_id)
            ->where('pattern', $job->pattern)
            ->whereKeyNot($job->id)
            ->whereHas('signOff')
            ->orderByDesc('id')
            ->limit(self::LATEST_JOBS)
            ->select('id');
        $rows = Record::query()
            ->whereIn('job_id', $earlier)
            ->where(
                static fn ($q) => $q
                    ->where('place', 'like', PlacesOf::coneTry('%'))
                    ->orWhereIn('place', [Places::CONE_RADIUS, Places::CONE_SPACING, Places::AXLE_THREAD]),
            )
            ->distinct(['job_id', 'place'])
            ->orderBy('job_id')
            ->orderBy('place')
            ->orderByDesc('seq')
            ->toBase()
            ->get(['job_id', 'place', 'value', 'instrument']);
        $shifts = [];
        foreach ($rows->groupBy('job_id') as $of) {
            $entries = [];
            foreach ($of as $row) {
                $entries[(string) $row->place] = [
                    'value' => (array) json_decode($row->value ?? '[]', true, flags: JSON_THROW_ON_ERROR),
                    'instrument' => $row->instrument,
                ];
            }
            $shifts = [...$shifts, ...ConeSteps::learnt(Limits::standard(), new Notebook($entries))];
        }

        return $shifts;
    }
}
