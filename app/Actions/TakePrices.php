<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ListedPrice;
use App\Models\Supplier;
use CleanRace\Core\Sourcing\PriceLine;
use CleanRace\Core\Sourcing\PriceList;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Puts a price list in the place of the one a supplier had: all of it, or nothing. */
final readonly class TakePrices
{
    private const AT_ONCE = 500;

    public function __invoke(Supplier $supplier, PriceList $list): void
    {
        DB::transaction(static function () use ($supplier, $list): void {
            ListedPrice::query()->where('supplier_id', $supplier->id)->delete();
            foreach (array_chunk($list->lines, self::AT_ONCE) as $lines) {
                ListedPrice::query()->insert(
                    array_map(
                        static fn (PriceLine $l): array => [
                            'shop_id' => $supplier->shop_id,
                            'supplier_id' => $supplier->id,
                            'article' => $l->article,
                            'description' => $l->description,
                            'key' => $l->key,
                            'price_minor' => $l->price->minor,
                            'pack' => $l->pack,
                            'stock' => $l->stock,
                            'days' => $l->days,
                        ],
                        $lines,
                    ),
                );
            }
            $supplier->forceFill(['priced_at' => Carbon::now()])->save();
        });
    }
}
