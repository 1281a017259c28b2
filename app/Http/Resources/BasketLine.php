<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** One line of a job's list, with what lies on the shelf and what is on its way. */
final readonly class BasketLine
{
    /** @param  bool  $known whether it is clear enough what it is to be found in a price list */
    public function __construct(public string $what, public string $askFor, public int $quantity, public ?string $note, public bool $known, public ?int $shelfItem, public int $onShelf, public int $ordered)
    {
    }
}
