<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Money;

/** One article of a price list. */
final readonly class PriceLine
{
    /**
     * @param  int  $line of the file, from 1
     * @param  ?string  $key what it is, whoever lists it; null when nobody can tell
     * @param  Money  $price of so many pieces as `pack` says
     * @param  ?int  $stock pieces there; null when the list does not say
     * @param  ?int  $days to deliver when it is not the counter's usual
     */
    public function __construct(
        public int $line,
        public string $article,
        public string $description,
        public ?string $key,
        public Money $price,
        public int $pack,
        public ?int $stock,
        public ?int $days,
    ) {
    }
}
