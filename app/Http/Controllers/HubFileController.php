<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Models\Job;
use CleanRace\Core\Hub\Drawing\Dxf;
use CleanRace\Core\Hub\Drawing\Svg;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** The axle line to take along: as SVG, or as DXF for a CAD program. */
final class HubFileController
{
    public function __invoke(Job $job, string $form, Workbench $workbench): Response
    {
        Gate::authorize('view', $job);
        $section = $workbench->report($job->load('shop'), Notes::notebookOf($job))->section;
        [$body, $type] = $form === 'dxf' ? [Dxf::of($section), 'image/vnd.dxf'] : [Svg::of($section), 'image/svg+xml'];

        return new Response($body, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"hub-{$job->number}.$form\"",
        ]);
    }
}
