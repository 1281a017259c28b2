<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CloseJob;
use App\Actions\OpenJob;
use App\Actions\PutJobRight;
use App\Actions\ReadEntry;
use App\Bench\Ahead;
use App\Bench\Board;
use App\Bench\Entries;
use App\Bench\Lent;
use App\Bench\Notes;
use App\Bench\Reports;
use App\Bench\Search;
use App\Bench\Workbench;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Query;
use App\Http\Requests\CloseJobRequest;
use App\Http\Requests\NewJobRequest;
use App\Http\Requests\PreviewRequest;
use App\Http\Requests\PutRightRequest;
use App\Http\Requests\SeveralJobsRequest;
use App\Http\Resources\JobCard;
use App\Http\Resources\JobSheet;
use App\Models\Job;
use App\Models\User;
use CleanRace\Core\Job\LiveReport;
use CleanRace\Core\Steps\Station;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

final class JobController
{
    private const PAGE = 15;

    #[Documented(
        'Jobs on the board: what is stopped first, then what waits for somebody, then the newest',
        answers: JobCard::class,
        page: true,
    )]
    #[Query('signed', 'Those that are signed instead', 'boolean')]
    #[Query('find', 'Only those of machines with each of these words, and the one of that number')]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', Job::class);
        $jobs = Search::jobs(Board::jobs(), $request->query('find'));
        $jobs = $request->boolean('signed') ? $jobs->whereNotNull('jobs.signed_at') : $jobs->open()->orderByDesc('jobs.urgency');

        return Answer::page($jobs->orderByDesc('jobs.id')->toBase()->cursorPaginate(self::PAGE), JobCard::of(...));
    }

    #[Documented('Open a job', answers: JobCard::class, status: 201)]
    public function store(NewJobRequest $request, OpenJob $open, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Job::class);
        $machine = $request->machine();
        Gate::authorize('view', $machine);
        $job = $open(
            $user,
            $machine,
            $request->string('wheel')->toString(),
            $request->string('pattern')->toString(),
            $request->string('complaint')->toString(),
        );

        return Answer::with(JobCard::of(Board::row($job->id)), 201);
    }

    #[Documented('Open a job for each of several wheels of one machine, all or none', answers: JobCard::class, many: true, status: 201)]
    public function several(SeveralJobsRequest $request, OpenJob $open, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Job::class);
        $machine = $request->machine();
        Gate::authorize('view', $machine);
        $complaint = $request->string('complaint')->toString();
        $jobs = DB::transaction(
            static fn (): array => array_map(
                static fn (array $w): int => $open($user, $machine, $w['wheel'], $w['pattern'], $complaint)->id,
                $request->wheels(),
            ),
        );

        return Answer::with(['data' => array_map(static fn (int $job): JobCard => JobCard::of(Board::row($job)), $jobs)], 201);
    }

    #[Documented('A whole job as it stands', answers: JobSheet::class)]
    public function show(Job $job, Reports $reports): JsonResponse
    {
        Gate::authorize('view', $job);
        $job->load('machine', ...$job->dropped_at === null ? [] : ['dropper:id,name']);
        $job->load($job->isSigned() || $job->origin !== null ? ['addenda.author:id,name', 'signer', 'signOff'] : []);

        return Answer::around(JobSheet::of($job, Entries::of($job), Lent::to($job), $reports->of($job), Ahead::ofMachine($job)));
    }

    #[Documented('Put right what was said when a job was opened: its wheel, how its hub is built', answers: JobCard::class)]
    public function update(PutRightRequest $request, Job $job, PutJobRight $right, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('putRight', $job);
        $right($job, $user, array_map(strval(...), $request->safe(['wheel', 'pattern'])));

        return Answer::with(JobCard::of(Board::row($job->id)));
    }

    #[Documented('Close a job without a signature, with a reason', answers: JobCard::class)]
    public function close(CloseJobRequest $request, Job $job, CloseJob $close, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('putRight', $job);
        $close($job, $user, $request->string('reason')->trim()->toString());

        return Answer::with(JobCard::of(Board::row($job->id)));
    }

    #[Documented('Take up again a job that was closed without a signature', answers: JobCard::class)]
    public function takeUp(Job $job, CloseJob $close): JsonResponse
    {
        Gate::authorize('putRight', $job);
        $close->takeUp($job);

        return Answer::with(JobCard::of(Board::row($job->id)));
    }

    #[Documented(
        'How the job would stand with these entries, without keeping them: the axle line, and the station that is named',
        answers: LiveReport::class,
    )]
    public function preview(PreviewRequest $request, Job $job, Workbench $workbench, ReadEntry $read): JsonResponse
    {
        Gate::authorize('view', $job);
        /** @var list<array{place: string, entry: ?array<string, mixed>, instrument?: ?string}> $drafts */
        $drafts = $request->validated('drafts');
        $notebook = Notes::notebookOf($job->load('shop'));
        foreach ($drafts as $draft) {
            $entry = $read(
                $job,
                $notebook,
                $draft['place'],
                $draft['entry'],
                $request->string('unit', 'mm')->toString(),
                $draft['instrument'] ?? null,
            );
            $notebook = $notebook->with($draft['place'], $entry);
        }

        return Answer::with(
            $workbench->live($job, $notebook, Station::tryFrom($request->string('station')->toString()) ?? Station::CheckIn),
        );
    }
}
