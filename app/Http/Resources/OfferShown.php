<?php

declare(strict_types=1);

namespace App\Http\Resources;

final readonly class OfferShown
{
    /** @param  int  $need which line of the list, from 0 */
    public function __construct(
        public int $need,
        public int $supplier,
        public string $supplierName,
        public string $article,
        public int $quantity,
        public int $priceMinor,
        public ?int $days,
        public bool $inStock,
    ) {
    }
}
