<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\ListedPrice;
use App\Models\OrderLine;
use App\Models\ShelfItem;
use App\Models\Supplier;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Sourcing\Basket;
use CleanRace\Core\Sourcing\Baskets;
use CleanRace\Core\Sourcing\Offer;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use Illuminate\Support\Collection;

/** The list of a job beside what lies on the shelf, what is on its way, and what the counters ask. */
final readonly class Shopping
{
    public function __construct(private Workbench $workbench)
    {
    }

    public function of(Job $job): ShoppingList
    {
        $report = $this->workbench->report($job, Notes::notebookOf($job));
        $list = $report->toBuy;
        $minutes = array_sum(
            array_map(
                static fn (StationReport $s): int => array_sum(array_map(static fn (Step $step): int => $step->handMinutes, $s->steps)),
                $report->stations,
            ),
        );
        $keys = array_values(array_unique(array_filter(array_map(static fn (ToBuy $line): ?string => $line->key, $list))));
        $shelf = ShelfItem::query()
            ->where('shop_id', $job->shop_id)
            ->whereIn('key', $keys)
            ->where('count', '>', 0)
            ->orderBy('id')
            ->get()
            ->keyBy('key');
        /** @var array<string, int> $ordered pieces on their way or here, by key */
        $ordered = OrderLine::query()
            ->where('shop_id', $job->shop_id)
            ->whereRelation('order', 'job_id', $job->id)
            ->whereNotNull('key')
            ->selectRaw('key, sum(quantity) as pieces')
            ->groupBy('key')
            ->toBase()
            ->pluck('pieces', 'key')
            ->map(static fn (mixed $n): int => is_numeric($n) ? (int) $n : 0)
            ->all();
        $suppliers = Supplier::query()->where('shop_id', $job->shop_id)->orderBy('id')->get()->keyBy('id');
        $prices = ListedPrice::query()->where('shop_id', $job->shop_id)->whereIn('key', $keys)->orderBy('id')->get()->groupBy('key');

        $needs = [];
        $offers = [];
        foreach ($list as $i => $line) {
            $left = $line->quantity - ($ordered[$line->key ?? ''] ?? 0) - ($shelf->get($line->key ?? '')->count ?? 0);
            if ($line->key !== null && $left > 0) {
                $needs[] = $i;
                $offers = [...$offers, ...self::offers($i, $left, $prices->get($line->key) ?? new Collection(), $suppliers)];
            }
        }
        $counters = array_values($suppliers->map(static fn (Supplier $s) => $s->counter())->all());

        return new ShoppingList(
            $list,
            $shelf->all(),
            $ordered,
            $suppliers->all(),
            $offers,
            Baskets::cheapest($needs, $offers, $counters),
            Baskets::soonest($needs, $offers, $counters),
            $minutes,
        );
    }

    /**
     * @param  Collection<int, ListedPrice>  $prices
     * @param  Collection<int, Supplier>  $suppliers
     * @return list<Offer>
     */
    private static function offers(int $need, int $quantity, Collection $prices, Collection $suppliers): array
    {
        $offers = [];
        foreach ($prices as $price) {
            $supplier = $suppliers->get($price->supplier_id);
            if ($supplier !== null) {
                $packs = (int) ceil($quantity / $price->pack);
                $there = $price->stock === null || $price->stock >= $packs * $price->pack;
                $days = $there ? $price->days ?? $supplier->days : $price->days ?? $supplier->restock_days;
                $offers[] = new Offer(
                    $need,
                    $supplier->id,
                    $price->article,
                    Money::minor($price->price_minor)->times($packs),
                    $packs * $price->pack,
                    $days,
                    $there,
                );
            }
        }

        return $offers;
    }

    public function basket(ShoppingList $list, string $way): Basket
    {
        return $way === 'soonest' ? $list->soonest : $list->cheapest;
    }
}
