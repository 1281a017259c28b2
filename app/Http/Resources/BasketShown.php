<?php

declare(strict_types=1);

namespace App\Http\Resources;

final readonly class BasketShown
{
    /**
     * @param  list<OfferShown>  $offers
     * @param  list<int>  $missing lines that nobody offers
     */
    public function __construct(
        public array $offers,
        public array $missing,
        public int $goodsMinor,
        public int $carriageMinor,
        public int $totalMinor,
        public ?int $days,
    ) {
    }
}
