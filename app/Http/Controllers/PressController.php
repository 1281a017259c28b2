<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepTrace;
use App\Bench\Notes;
use App\Bench\Workbench;
use App\Devices\Pressings;
use App\Http\Answer;
use App\Http\Conflicts\Conflict;
use App\Http\Documented;
use App\Http\Query;
use App\Http\Requests\NewTraceRequest;
use App\Http\Requests\PressRequest;
use App\Http\Resources\PressingSheet;
use App\Http\Resources\TraceSheet;
use App\Http\Resources\TracesShown;
use App\Models\Job;
use App\Models\PressTrace;
use App\Models\User;
use CleanRace\Core\Seating\Press\TraceCsv;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** The press beside the bench: its gauge live, and the traces it leaves. */
final class PressController
{
    private const LATEST = 4;

    public function __construct(private readonly Pressings $pressings)
    {
    }

    #[Documented(
        'Begin to follow the press gauge while a ring goes in; where it is followed already, that',
        answers: PressingSheet::class,
        status: 201,
    )]
    public function begin(PressRequest $request, Job $job, string $seat, Workbench $workbench, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('work', $job);
        $setup = $workbench->pressSetup($job->load('shop'), Notes::notebookOf($job), $seat);
        $id = $request->string('id')->toString();
        [$pressing, $new] = $this->pressings->begin($job, $user, $id, $seat, $request->begin($setup), $setup);

        return Answer::around(PressingSheet::of($pressing, 0), $new ? 201 : 200);
    }

    #[Documented('What the gauge has sent so far of the latest pressing of this ring', answers: PressingSheet::class)]
    #[Query('of', 'The pressing of which something is known already')]
    #[Query('after', 'How many samples of it are known', 'integer')]
    public function live(Request $request, Job $job, string $seat): Response
    {
        Gate::authorize('view', $job);
        $latest = $this->pressings->latest($job, $seat);
        if ($latest === null) {
            return Answer::nothing();
        }
        $known = $request->query('of') === $latest->id ? min($latest->count, $request->integer('after')) : 0;
        $version = "\"{$latest->id}-{$latest->state->value}-{$latest->count}-$known\"";
        if ($request->header('If-None-Match') === $version) {
            return new Response('', 304, ['ETag' => $version]);
        }

        return Answer::around(PressingSheet::of($this->pressings->whole($latest), $known))
            ->header('ETag', $version)
            ->header('Cache-Control', 'private, no-cache');
    }

    #[Documented('Stop following, and the press with it', status: 204)]
    public function stop(Job $job, string $seat): Response
    {
        Gate::authorize('work', $job);
        $this->pressings->stop($job, $seat);

        return Answer::nothing();
    }

    #[Documented('The latest traces of a ring of this job, newest first, and what press stands here', answers: TracesShown::class)]
    public function index(Job $job, string $seat, Workbench $workbench, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $job);
        $setup = $workbench->pressSetup($job->load('shop'), Notes::notebookOf($job), $seat);
        $traces = PressTrace::query()
            ->where('job_id', $job->id)
            ->where('seat', $seat)
            ->orderByDesc('made_at')
            ->limit(self::LATEST)
            ->get();

        return Answer::with(
            new TracesShown(
                array_values($traces->map(static fn (PressTrace $t): TraceSheet => TraceSheet::of($t, $setup))->all()),
                config('press.stand_in') === true,
                config('press.stand_in') !== true || $user->shop->demo,
            ),
        );
    }

    /**
     * What a trace that came off the gauge is noted as.
     *
     * @throws Conflict in a shop of one's own, when the gauge is a simulation
     */
    private static function press(User $user): string
    {
        return match (true) {
            config('press.stand_in') !== true => 'press',
            $user->shop->demo => 'stand_in',
            default => throw Conflict::simulatedPress(),
        };
    }

    #[Documented(
        'Keep a trace, as the gauge sent it or as a CSV file; the same id twice is one trace',
        answers: TraceSheet::class,
        status: 201,
    )]
    public function store(
        NewTraceRequest $request,
        Job $job,
        KeepTrace $keep,
        Workbench $workbench,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('work', $job);
        $setup = $workbench->pressSetup($job->load('shop'), Notes::notebookOf($job), $request->string('seat')->toString());
        [$trace, $new] = $keep(
            $job,
            $user,
            mb_strtolower($request->string('id')->toString()),
            $setup->seat,
            $request->hasFile('file') ? 'file' : self::press($user),
            $request->samples(),
        );

        return Answer::with(TraceSheet::of($trace, $setup), $new ? 201 : 200);
    }

    /** A trace to take along. */
    public function file(Job $job, PressTrace $trace): Response
    {
        Gate::authorize('view', $job);
        abort_unless($trace->job_id === $job->id, 404);

        return new Response(TraceCsv::write($trace->curve()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"trace-{$job->number}-{$trace->seat}.csv\"",
        ]);
    }
}
