<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Http\Answer;
use App\Http\Documented;
use App\Models\Job;
use App\Models\Record;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Squareness\DepthRounds;
use CleanRace\Core\Mechanics\Squareness\SeatingTrendResult;
use CleanRace\Core\Notebook\PlacesOf;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** How a ring went in, round by round. */
final class SeatingController
{
    /** More depths than anyone reads of one ring. */
    private const MOST = 400;

    #[Documented(
        'Tilt against depth of a ring that goes in, round by round, from all depths that were kept of it',
        answers: SeatingTrendResult::class,
    )]
    public function trend(Job $job, string $seat, Workbench $workbench): JsonResponse
    {
        Gate::authorize('view', $job);
        $rows = Record::query()
            ->where('job_id', $job->id)
            ->where(
                static fn ($q) => $q
                    ->where('place', 'like', PlacesOf::seat($seat, 'start', '%'))
                    ->orWhere('place', 'like', PlacesOf::seat($seat, 'home', '%')),
            )
            ->orderByDesc('seq')
            ->limit(self::MOST)
            ->toBase()
            ->get(['place', 'value', 'instrument'])
            ->reverse();
        $entries = [];
        foreach ($rows as $row) {
            $hour = substr((string) strrchr($row->place, '.'), 1);
            $value = $row->value === null ? null : json_decode($row->value, true);
            if (ctype_digit($hour)) {
                $entries[] = [
                    $hour,
                    is_numeric($value['mm'] ?? null)
                        ? Reading::mm((float) $value['mm'], Instrument::tryFrom($row->instrument ?? '') ?? Instrument::DepthCaliper)
                        : null,
                ];
            }
        }

        return Answer::with($workbench->trend($job->load('shop'), Notes::notebookOf($job), $seat, DepthRounds::of($entries)));
    }
}
