<?php

declare(strict_types=1);

namespace App\Http\Resources;

final readonly class OrderLineShown
{
    public function __construct(
        public int $id,
        public string $what,
        public string $article,
        public string $askFor,
        public int $quantity,
        public int $priceMinor,
        public int $received,
    ) {
    }
}
