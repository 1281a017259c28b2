<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\HangTools;
use App\Actions\NoteInLog;
use App\Bench\FittedHere;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\ListRequest;
use App\Http\Requests\NewToolRequest;
use App\Http\Resources\ToolCard;
use App\Http\Resources\ToolListSheet;
use App\Models\Logged;
use App\Models\Tool;
use App\Models\User;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Mechanics\Drivers\NextTool;
use CleanRace\Core\Mechanics\Drivers\NextToolResult;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\ToolList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class ToolController
{
    private const PAGE = 200;

    #[Documented('Tools on the wall', answers: ToolCard::class, page: true)]
    public function index(): JsonResponse
    {
        Gate::authorize('viewAny', Tool::class);

        return Answer::page(Tool::query()->orderBy('id')->cursorPaginate(self::PAGE), static fn (Tool $t): ToolCard => ToolCard::of($t));
    }

    #[Documented('Hang a tool on the wall: mechanics and owners', answers: ToolCard::class, status: 201)]
    public function store(NewToolRequest $request): JsonResponse
    {
        Gate::authorize('create', Tool::class);

        return Answer::with(ToolCard::of(Tool::query()->create(Tool::kept($request->tool()))->refresh()), 201);
    }

    #[Documented('Measure a tool anew: mechanics and owners', answers: ToolCard::class)]
    public function update(NewToolRequest $request, Tool $tool): JsonResponse
    {
        Gate::authorize('update', $tool);
        $tool->update(Tool::kept($request->tool()));

        return Answer::with(ToolCard::of($tool->refresh()));
    }

    #[Documented('Take a tool down: mechanics and owners', status: 204)]
    public function destroy(Tool $tool): Response
    {
        Gate::authorize('update', $tool);
        $tool->delete();

        return Answer::nothing();
    }

    #[Documented('Read a list of tools from CSV; with keep they are hung on the wall', answers: ToolListSheet::class)]
    public function import(ListRequest $request, HangTools $hang, NoteInLog $note, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Tool::class);
        try {
            $list = ToolList::read($request->bytes());
        } catch (InvalidInput $fault) {
            throw InvalidInput::about('list', $fault->getMessage());
        }
        [$new, $known] = $hang($list->tools, $request->boolean('keep'));
        if ($request->boolean('keep')) {
            $note($user->shop_id, Logged::Imported, $user, detail: "$new tools");
        }

        return Answer::with(new ToolListSheet($new, $known, $list->faults, $request->boolean('keep')));
    }

    #[Documented('Hang up what a shop that begins usually has', answers: ToolListSheet::class)]
    public function starter(HangTools $hang): JsonResponse
    {
        Gate::authorize('create', Tool::class);
        [$new, $known] = $hang(ToolList::starter(), true);

        return Answer::with(new ToolListSheet($new, $known, [], true));
    }

    #[Documented('Which driver would cover most of what this shop does', answers: NextToolResult::class)]
    public function next(Limits $limits, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', Tool::class);
        [$drivers] = Tool::wall($user->shop_id);

        return Answer::with((new NextTool($limits))->among(FittedHere::sizes($user->shop_id), $drivers));
    }

    /** The wall to take along, as the list that can be read in again. */
    public function file(NoteInLog $note, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', Tool::class);
        $note($user->shop_id, Logged::Exported, $user, detail: 'tools');

        return new Response(ToolList::write(Tool::wall($user->shop_id)[1]), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="tools.csv"',
        ]);
    }
}
