<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Supplier;
use DateTimeInterface;

final readonly class SupplierCard
{
    public function __construct(
        public int $id,
        public string $name,
        public int $carriageMinor,
        public int $days,
        public ?int $restockDays,
        public ?DateTimeInterface $pricedAt,
        public int $articles,
    ) {
    }

    /** @param  int  $articles on its price list */
    public static function of(Supplier $supplier, int $articles): self
    {
        return new self(
            $supplier->id,
            $supplier->name,
            $supplier->carriage_minor,
            $supplier->days,
            $supplier->restock_days,
            $supplier->priced_at,
            $articles,
        );
    }
}
