<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\ShelfItem;
use App\Models\Supplier;
use CleanRace\Core\Sourcing\Basket;
use CleanRace\Core\Sourcing\Offer;
use CleanRace\Core\Sourcing\ToBuy;

/** What a job needs and how it can be had. */
final readonly class ShoppingList
{
    /**
     * @param  list<ToBuy>  $lines
     * @param  array<array-key, ShelfItem>  $shelf by key
     * @param  array<array-key, int>  $ordered pieces ordered for this job, by key
     * @param  array<array-key, Supplier>  $suppliers by id
     * @param  list<Offer>  $offers
     * @param  int  $minutes of hand time that the plan of the job asks for
     */
    public function __construct(
        public array $lines,
        public array $shelf,
        public array $ordered,
        public array $suppliers,
        public array $offers,
        public Basket $cheapest,
        public Basket $soonest,
        public int $minutes,
    ) {
    }
}
