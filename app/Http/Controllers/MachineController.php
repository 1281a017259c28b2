<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Ahead;
use App\Bench\Search;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\MachineRequest;
use App\Http\Resources\DueCard;
use App\Http\Resources\MachineCard;
use App\Http\Resources\MachineHistory;
use App\Http\Resources\MachineLine;
use App\Http\Resources\PastJob;
use App\Http\Resources\SetCard;
use App\Models\FittedSet;
use App\Models\Job;
use App\Models\Machine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class MachineController
{
    private const PAGE = 30;

    /** How many jobs of a machine its history shows. */
    private const HISTORY = 40;

    private const LINE = 'machines.id, machines.name, machines.model, machines.owner,
        (select count(*) from jobs where jobs.machine_id = machines.id and jobs.signed_at is null) as open_jobs,
        (select max(jobs.signed_at) from jobs where jobs.machine_id = machines.id) as last_signed_at,
        (select min(due_items.due_on) from due_items where due_items.machine_id = machines.id and due_items.settled_at is null) as due_on';

    /** With what was written at some places: the latest of each, null where it was withdrawn. */
    private const PAST = 'jobs.id, jobs.number, jobs.wheel, jobs.created_at, jobs.signed_at, jobs.origin,
        (select users.name from users where users.id = jobs.signed_by) as signed_by,
        (select jsonb_object_agg(records.place, records.value ->> \'text\' order by records.seq) from records where records.job_id = jobs.id and records.place in (?, ?, ?, ?)) as notes';

    #[Documented('Machines of the shop, by name; with ?find= those with each of its words in name, model or owner', answers: MachineLine::class, page: true)]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);
        $machines = Search::machines(Machine::query()->selectRaw(self::LINE), $request->query('find'))->orderBy('name')->orderBy('id');

        return Answer::page($machines->toBase()->cursorPaginate(self::PAGE), MachineLine::of(...));
    }

    #[Documented('Note a new machine', answers: MachineCard::class, status: 201)]
    public function store(MachineRequest $request): JsonResponse
    {
        Gate::authorize('create', Machine::class);
        $machine = Machine::query()->create($request->machine());

        return Answer::with(MachineCard::of($machine), 201);
    }

    #[Documented('A machine under another name, or of another owner; what was done on it stays', answers: MachineCard::class)]
    public function update(MachineRequest $request, Machine $machine): JsonResponse
    {
        Gate::authorize('update', $machine);
        $machine->update($request->machine());

        return Answer::with(MachineCard::of($machine));
    }

    #[Documented('A machine and what was done on it', answers: MachineHistory::class)]
    public function show(Machine $machine): JsonResponse
    {
        Gate::authorize('view', $machine);
        $jobs = Job::query()->where('machine_id', $machine->id)->selectRaw(self::PAST, PastJob::places())->orderByDesc('id')->limit(self::HISTORY)->toBase()->get();
        $sets = FittedSet::query()->where('machine_id', $machine->id)->orderByDesc('fitted_on')->orderByDesc('id')->limit(self::HISTORY)->toBase()->get();

        return Answer::with(new MachineHistory(
            MachineCard::of($machine), array_values($jobs->map(PastJob::of(...))->all()),
            array_values($sets->map(SetCard::of(...))->all()), array_map(DueCard::of(...), Ahead::ofWhole($machine)),
        ));
    }
}
