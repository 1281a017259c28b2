<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeFromShelf;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\ShelfRequest;
use App\Http\Requests\TakeRequest;
use App\Http\Resources\ShelfCard;
use App\Models\ShelfItem;
use CleanRace\Core\Sourcing\ArticleKey;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class ShelfController
{
    private const PAGE = 100;

    #[Documented('What lies on the shelf, by name', answers: ShelfCard::class, page: true)]
    public function index(): JsonResponse
    {
        Gate::authorize('viewAny', ShelfItem::class);

        return Answer::page(
            ShelfItem::query()->orderBy('article')->orderBy('id')->cursorPaginate(self::PAGE),
            static fn (ShelfItem $i): ShelfCard => ShelfCard::of($i),
        );
    }

    #[Documented(
        'Say how many of an article lie on the shelf; the same article again is counted anew',
        answers: ShelfCard::class,
        status: 201,
    )]
    public function store(ShelfRequest $request, ArticleKey $keys): JsonResponse
    {
        Gate::authorize('create', ShelfItem::class);
        $article = $request->string('article')->trim()->toString();
        $key = $keys->of($article, $article);
        $item =
            ($key === null ? ShelfItem::query()->where('article', $article) : ShelfItem::query()->where('key', $key))->first() ??
            new ShelfItem(['article' => $article, 'key' => $key]);
        $item->fill(['count' => $request->integer('count')])->save();

        return Answer::with(ShelfCard::of($item), 201);
    }

    #[Documented('Take pieces off the shelf', answers: ShelfCard::class)]
    public function take(TakeRequest $request, ShelfItem $item, TakeFromShelf $take): JsonResponse
    {
        Gate::authorize('take', $item);

        return Answer::with(ShelfCard::of($take($item, $request->integer('pieces'))));
    }
}
