<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Money;

/** What one counter asks for one line of the list. */
final readonly class Offer
{
    /**
     * @param  int  $need which line of the list
     * @param  Money  $price of all pieces that the line asks for
     * @param  ?int  $days until they are here; null when nobody knows
     */
    public function __construct(
        public int $need,
        public int $supplier,
        public string $article,
        public Money $price,
        public int $quantity,
        public ?int $days,
        public bool $inStock,
    ) {
    }
}
