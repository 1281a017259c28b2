<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\ShelfItem;

final readonly class ShelfCard
{
    /** @param  bool  $known whether jobs that need it will find it */
    public function __construct(public int $id, public string $article, public int $count, public bool $known)
    {
    }

    public static function of(ShelfItem $item): self
    {
        return new self($item->id, $item->article, $item->count, $item->key !== null);
    }
}
