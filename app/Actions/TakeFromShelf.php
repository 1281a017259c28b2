<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\ShelfItem;
use Illuminate\Support\Facades\DB;

/** Takes pieces off the shelf for a job; never more than lie there, whoever else reaches for them. */
final readonly class TakeFromShelf
{
    /** @throws Conflict when there are not so many */
    public function __invoke(ShelfItem $item, int $pieces): ShelfItem
    {
        return DB::transaction(static function () use ($item, $pieces): ShelfItem {
            $taken = ShelfItem::query()->whereKey($item->id)->where('count', '>=', $pieces)->decrement('count', $pieces);

            return $taken === 1 ? $item->refresh() : throw Conflict::shelfEmpty();
        });
    }
}
