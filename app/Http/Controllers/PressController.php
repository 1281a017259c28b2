<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepTrace;
use App\Bench\Notes;
use App\Bench\Workbench;
use App\Devices\PressGauge;
use App\Http\Answer;
use App\Http\Conflicts\Conflict;
use App\Http\Documented;
use App\Http\Requests\NewTraceRequest;
use App\Http\Requests\PressRequest;
use App\Http\Resources\TraceSheet;
use App\Http\Resources\TracesShown;
use App\Models\Job;
use App\Models\PressTrace;
use App\Models\User;
use App\Shapes\Json;
use CleanRace\Core\Seating\Press\PressSample;
use CleanRace\Core\Seating\Press\PressSetup;
use CleanRace\Core\Seating\Press\PressTrace as Reader;
use CleanRace\Core\Seating\Press\TraceCsv;
use CleanRace\Core\Tables\Limits;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The press beside the bench: its gauge live, and the traces it leaves. */
final class PressController
{
    /** Seconds between two looks at what came: well within the time in which it must be said. */
    private const LOOK = 0.08;

    private const LATEST = 4;

    #[Documented('What the press gauge sends while a ring goes in, as server-sent events: setup, then samples with what they show')]
    public function live(
        PressRequest $request,
        Job $job,
        string $seat,
        Workbench $workbench,
        PressGauge $gauge,
        Limits $limits,
    ): StreamedResponse {
        Gate::authorize('work', $job);
        $setup = $workbench->pressSetup($job->load('shop'), Notes::notebookOf($job), $seat);
        $handfuls = $gauge->samples($request->begin($setup), self::LOOK);
        // The line is opened before the answer begins: a gauge that is not there is said as any other fault.
        $handfuls->current();

        return new StreamedResponse(
            static function () use ($setup, $handfuls, $limits): void {
                self::send('setup', $setup);
                $samples = [];
                foreach ($handfuls as $handful) {
                    $samples = array_slice([...$samples, ...$handful], -6000);
                    if ($handful !== []) {
                        self::send('samples', [
                            'samples' => self::pairs($handful),
                            'result' => (new Reader($limits))->work($setup->input($samples, false)),
                        ]);
                    }
                    if (connection_aborted() === 1) {
                        return;
                    }
                }
                self::send('end', ['samples' => [], 'result' => (new Reader($limits))->work($setup->input($samples, true))]);
            },
            200,
            ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-cache', 'X-Accel-Buffering' => 'no'],
        );
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

    /**
     * @param  PressSetup|array<string, mixed>  $said
     */
    private static function send(string $event, PressSetup|array $said): void
    {
        echo "event: $event\ndata: ".
            json_encode(Json::of($said), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION).
            "\n\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }

    /**
     * @param  list<PressSample>  $samples
     * @return list<array{float, float}>
     */
    private static function pairs(array $samples): array
    {
        return array_map(static fn (PressSample $s): array => [round($s->travel->mm, 3), round($s->force->newtons, 1)], $samples);
    }
}
