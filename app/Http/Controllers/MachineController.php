<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Erase;
use App\Actions\NoteInLog;
use App\Actions\NoteMachines;
use App\Bench\History;
use App\Bench\MachineList;
use App\Bench\Search;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Query;
use App\Http\Requests\ListRequest;
use App\Http\Requests\MachineRequest;
use App\Http\Resources\MachineCard;
use App\Http\Resources\MachineHistory;
use App\Http\Resources\MachineLine;
use App\Http\Resources\MachineListSheet;
use App\Models\Logged;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class MachineController
{
    private const PAGE = 20;

    private const LINE = 'machines.id, machines.name, machines.model, machines.owner,
        (select count(*) from jobs where jobs.machine_id = machines.id and jobs.signed_at is null
            and jobs.dropped_at is null) as open_jobs,
        (select max(jobs.signed_at) from jobs where jobs.machine_id = machines.id) as last_signed_at,
        (select min(due_items.due_on) from due_items where due_items.machine_id = machines.id and due_items.settled_at is null) as due_on';

    #[Documented(
        'Machines of the shop, by name',
        answers: MachineLine::class,
        page: true,
    )]
    #[Query('find', 'Only those with each of these words in name, model or owner')]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);
        $machines = Search::machines(Machine::query()->selectRaw(self::LINE), $request->query('find'))
            ->orderBy('name')
            ->orderBy('id');

        return Answer::page($machines->toBase()->cursorPaginate(self::PAGE), MachineLine::of(...));
    }

    #[Documented('Note a new machine', answers: MachineCard::class, status: 201)]
    public function store(MachineRequest $request): JsonResponse
    {
        Gate::authorize('create', Machine::class);
        $machine = Machine::query()->create($request->machine());

        return Answer::with(MachineCard::of($machine), 201);
    }

    #[Documented('Read a list of machines from CSV; with keep they are noted', answers: MachineListSheet::class)]
    public function import(ListRequest $request, NoteMachines $noteAll, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('import', Machine::class);
        $keep = $request->boolean('keep');
        $list = MachineList::read($request->bytes());
        [$new, $known] = $noteAll($list->machines, $keep);
        if ($keep) {
            $note($user->shop_id, Logged::Imported, $user, detail: "$new machines");
        }

        return Answer::with(new MachineListSheet($new, $known, $list->faults, $keep));
    }

    #[Documented('A machine under another name, or of another owner; what was done on it stays', answers: MachineCard::class)]
    public function update(MachineRequest $request, Machine $machine): JsonResponse
    {
        Gate::authorize('update', $machine);
        $machine->update($request->machine());

        return Answer::with(MachineCard::of($machine));
    }

    #[Documented('Erase whose machine it is and what they said; what was done on it stays: the owner', answers: MachineCard::class)]
    public function erase(Machine $machine, Erase $erase, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('erase', $machine);
        $erase->customer($machine, $user);

        return Answer::with(MachineCard::of($machine->refresh()));
    }

    #[Documented('A machine and what was done on it', answers: MachineHistory::class)]
    public function show(string $machine, #[CurrentUser] User $user): JsonResponse
    {
        $history = History::of($machine);
        Gate::authorize('view', $history->machine);

        return Answer::with(MachineHistory::of($history, $user->shop));
    }
}
