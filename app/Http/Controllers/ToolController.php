<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\NewToolRequest;
use App\Http\Resources\ToolCard;
use App\Models\Tool;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Tooling\ToolKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class ToolController
{
    private const PAGE = 100;

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
        $driver = ToolKind::from($request->string('kind')->toString())->isDriver();
        $outside = $request->size('outside_mm') ?? ($driver ? throw Nonsense::about('outside_mm', 'Type the outside of its face.') : null);
        $opening = $request->size('opening_mm');
        if ($opening !== null && $outside !== null && $opening->mm >= $outside->mm) {
            throw Nonsense::about('opening_mm', 'The opening is not smaller than the outside of the tool.');
        }
        $length = $request->size('length_mm') ?? ($driver ? throw Nonsense::about('length_mm', 'Type its length.') : null);
        $tool = Tool::query()->create(['name' => $request->string('name')->toString(), 'kind' => $request->string('kind')->toString(), 'outside_mm' => $outside?->mm, 'opening_mm' => $opening?->mm, 'length_mm' => $length?->mm, 'across_mm' => $request->size('across_mm')?->mm]);

        return Answer::with(ToolCard::of($tool->refresh()), 201);
    }
}
