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
use App\Models\Record;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Side;
use Illuminate\Contracts\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use stdClass;

final class MachineController
{
    private const PAGE = 30;

    /** How many jobs of a machine its history shows. */
    private const HISTORY = 40;

    #[Documented('Machines of the shop, by name; with ?find= those with each of its words in name, model or owner', answers: MachineLine::class, page: true)]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);
        $machines = Search::machines(Machine::query(), $request->query('find'))
            ->withCount(['jobs as open_jobs' => static fn (Builder $jobs) => $jobs->whereNull('signed_at')])
            ->withMax('jobs', 'signed_at')
            ->withMin(['due' => static fn (Builder $due) => $due->whereNull('settled_at')], 'due_on')
            ->orderBy('name')->orderBy('id');

        return Answer::page($machines->cursorPaginate(self::PAGE), static fn (Machine $m): MachineLine => MachineLine::of($m));
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
        $jobs = $machine->jobs()->select(['id', 'number', 'wheel', 'created_at', 'signed_at', 'origin'])->withAggregate('signer', 'name')->orderByDesc('id')->limit(self::HISTORY)->get();
        $places = [Places::newNumber(Side::Left), Places::newNumber(Side::Right), Places::CARRY, Places::CARRY_WHEN];
        $notes = Record::query()->whereIn('job_id', $jobs->modelKeys())->whereIn('place', $places)->orderBy('seq')->toBase()->selectRaw("job_id, place, value ->> 'text' as text")->get()->groupBy('job_id');

        $sets = FittedSet::query()->where('machine_id', $machine->id)->orderByDesc('fitted_on')->orderByDesc('id')->limit(self::HISTORY)->toBase()->get();

        return Answer::with(new MachineHistory(
            MachineCard::of($machine), array_values($jobs->map(static fn (Job $job): PastJob => self::past($job, $notes->get($job->id) ?? collect()))->all()),
            array_values($sets->map(SetCard::of(...))->all()), array_map(DueCard::of(...), Ahead::ofWhole($machine)),
        ));
    }

    /** @param  Collection<int, stdClass>  $notes what was written at each place, oldest first */
    private static function past(Job $job, Collection $notes): PastJob
    {
        /** @var array<string, ?string> $text */
        $text = $notes->pluck('text', 'place')->all();
        [$left, $right] = [Places::newNumber(Side::Left), Places::newNumber(Side::Right)];

        return new PastJob(
            $job->id, $job->number, $job->wheel, $job->created_at, $job->signed_at, $job->origin['signed_by'] ?? $job->signer_name,
            array_values(array_filter([$text[$left] ?? null, $text[$right] ?? null])), $text[Places::CARRY] ?? null, $text[Places::CARRY_WHEN] ?? null,
        );
    }
}
