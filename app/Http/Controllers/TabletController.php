<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteInLog;
use App\Actions\TakeOver;
use App\Http\Answer;
use App\Http\Conflicts\Conflict;
use App\Http\Documented;
use App\Http\Requests\People\BenchCodeRequest;
use App\Http\Requests\People\HandsRequest;
use App\Http\Requests\People\TabletRequest;
use App\Http\Resources\People\HandsCard;
use App\Http\Resources\People\Person;
use App\Http\Resources\People\TabletCard;
use App\Models\Logged;
use App\Models\Tablet;
use App\Models\User;
use App\SignIn\TabletHere;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Hash;

/** One bench, several hands. */
final class TabletController
{
    public function __construct(private readonly TabletHere $here)
    {
    }

    #[Documented('The benches of the shop: the owner', answers: TabletCard::class, many: true)]
    public function index(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);
        $here = $this->here->find($request)?->id;
        $tablets = Tablet::query()->whereNull('ended_at')->with('enroller:id,name')->orderBy('name')->limit(100)->get();

        return Answer::with(['data' => $tablets->map(static fn (Tablet $one): TabletCard => TabletCard::of($one, $here))->all()]);
    }

    #[Documented('This browser stands at a bench: the owner', answers: TabletCard::class, status: 201)]
    public function store(TabletRequest $request, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);
        $tablet = $this->here->enrol($user, $request->string('name')->trim()->toString());
        $note($user->shop_id, Logged::TabletEnrolled, $user, detail: $tablet->name);

        return Answer::with(TabletCard::of($tablet, $tablet->id), 201);
    }

    #[Documented('No bench any more: the owner', status: 204)]
    public function destroy(Tablet $tablet, NoteInLog $note, #[CurrentUser] User $user): Response
    {
        Gate::authorize('update', $user->shop);
        $tablet->update(['ended_at' => Carbon::now()]);
        $note($user->shop_id, Logged::TabletEnded, $user, detail: $tablet->name);

        return Answer::nothing();
    }

    #[Documented('Who can take over at this bench', answers: HandsCard::class, many: true)]
    public function hands(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $this->mustBeTablet($request);
        $people = User::query()
            ->where('shop_id', $user->shop_id)
            ->whereNull('left_at')
            ->whereNotNull('bench_code')
            ->orderBy('name')
            ->limit(200)
            ->get(['id', 'name']);

        return Answer::with(['data' => $people->map(static fn (User $one): HandsCard => new HandsCard($one->id, $one->name))->all()]);
    }

    #[Documented('Take over at this bench by your code', answers: Person::class)]
    public function takeOver(HandsRequest $request, TakeOver $takeOver, #[CurrentUser] User $user): JsonResponse
    {
        $tablet = $this->mustBeTablet($request);
        $person = User::query()
            ->where('shop_id', $user->shop_id)
            ->whereNull('left_at')
            ->with('shop')
            ->findOrFail($request->integer('person'));
        if (! $takeOver($request, $tablet, $person, $request->string('code')->toString())) {
            throw InvalidInput::about('code', 'That is not the code of '.$person->name.'.');
        }

        return Answer::with(Person::here($person, $request));
    }

    #[Documented('Your own code at the bench: four to six digits, or none', status: 204)]
    public function code(BenchCodeRequest $request, NoteInLog $note, #[CurrentUser] User $user): Response
    {
        if (! Hash::check($request->string('present')->toString(), $user->password)) {
            throw InvalidInput::about('present', 'That is not your present password.');
        }
        $code = $request->string('code')->toString();
        $user->forceFill(['bench_code' => $code === '' ? null : Hash::make($code)])->save();
        $note($user->shop_id, Logged::BenchCodeChanged, $user);

        return Answer::nothing();
    }

    /** @throws Conflict */
    private function mustBeTablet(Request $request): Tablet
    {
        return $this->here->find($request) ?? throw Conflict::noTablet();
    }
}
