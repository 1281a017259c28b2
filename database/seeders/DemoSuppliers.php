<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\TakePrices;
use App\Models\ShelfItem;
use App\Models\Shop;
use App\Models\Supplier;
use CleanRace\Core\Sourcing\ArticleKey;
use CleanRace\Core\Sourcing\PriceListReader;

/**
 * Three made-up counters that stand in for real ones, with price lists as such counters send them, and what lies on the shop's own shelf.
 */
final readonly class DemoSuppliers
{
    private const COUNTERS = [
        ['Quayside Bearings', 0, 0, 3, 'prices-quayside.csv'],
        ['Mainland Bearing & Seal', 690, 2, 6, 'prices-mainland.csv'],
        ['North Sound Parts', 350, 1, null, 'prices-northsound.csv'],
    ];

    private const SHELF = [
        '6202 2RS' => 2,
        '6301 2RS' => 1,
        'Oil seal 30 x 47 x 7' => 2,
        'Split pin 3.2' => 14,
        'Split pin 5' => 6,
        'Steel balls 1/4 in' => 60,
        'Snap ring internal 47 DIN 472' => 3,
    ];

    public function __construct(private PriceListReader $reader, private TakePrices $take, private ArticleKey $keys)
    {
    }

    public function load(Shop $shop): void
    {
        foreach (self::COUNTERS as [$name, $carriage, $days, $restock, $file]) {
            $supplier = new Supplier(['name' => $name, 'carriage_minor' => $carriage, 'days' => $days, 'restock_days' => $restock]);
            $supplier->forceFill(['shop_id' => $shop->id])->save();
            ($this->take)($supplier, $this->reader->read((string) file_get_contents(__DIR__.'/data/'.$file)));
        }
        foreach (self::SHELF as $article => $count) {
            (new ShelfItem(['article' => $article, 'key' => $this->keys->of($article, $article), 'count' => $count]))
                ->forceFill(['shop_id' => $shop->id])
                ->save();
        }
    }
}
