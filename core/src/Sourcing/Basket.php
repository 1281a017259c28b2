<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Money;

/** One way to buy the list: which offer for each line, what it costs with carriage, when all is here. */
final readonly class Basket
{
    /**
     * @param  list<Offer>  $offers in the order of the list
     * @param  list<int>  $missing lines that nobody offers
     * @param  ?int  $days until the last of it is here; null when that is not known
     */
    public function __construct(
        public array $offers,
        public array $missing,
        public Money $goods,
        public Money $carriage,
        public Money $total,
        public ?int $days,
    ) {
    }
}
