<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\PartsDue;
use App\Bench\Shopping;
use App\Cards\Language;
use App\Cards\Words;
use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Shop;
use App\Models\User;
use CleanRace\Core\Sourcing\Offer;
use Illuminate\Support\Facades\DB;

/**
 * Orders a job's list one way or the other: one order for each counter in the basket. Asked twice, the second finds nothing left to order.
 */
final readonly class PlaceOrders
{
    public function __construct(private Shopping $shopping, private Language $language)
    {
    }

    /**
     * @param  string  $way cheapest or soonest
     * @return list<Order>
     *
     * @throws Conflict when nothing on the list can be ordered
     */
    public function __invoke(User $by, Job $job, string $way): array
    {
        return DB::transaction(function () use ($by, $job, $way): array {
            $shop = Shop::query()->whereKey($job->shop_id)->lockForUpdate()->firstOrFail();
            $list = $this->shopping->of($job);
            $basket = $this->shopping->basket($list, $way);
            if ($basket->offers === []) {
                throw Conflict::nothingToOrder();
            }
            // An order is written down as it was placed: in the language of the shop, in millimetres.
            $words = new Words('mm', $this->language);
            $orders = [];
            $bySupplier = [];
            foreach ($basket->offers as $offer) {
                $bySupplier[$offer->supplier][] = $offer;
            }
            foreach ($bySupplier as $supplier => $offers) {
                $shop->increment('last_order_number');
                $days = array_map(static fn (Offer $o): ?int => $o->days, $offers);
                $order = new Order([
                    'supplier_id' => $supplier,
                    'job_id' => $job->id,
                    'author_id' => $by->id,
                    'number' => $shop->last_order_number,
                    'carriage_minor' => $list->suppliers[$supplier]->carriage_minor,
                    'days' => in_array(null, $days, true) ? null : max([0, ...$days]),
                ]);
                $order->forceFill(['shop_id' => $job->shop_id])->save();
                foreach ($offers as $offer) {
                    $line = $list->lines[$offer->need];
                    (new OrderLine([
                        'order_id' => $order->id,
                        'what' => mb_substr($words->of($line->what), 0, 200),
                        'article' => $offer->article,
                        'ask_for' => mb_substr($words->of($line->askFor), 0, 200),
                        'key' => $line->key,
                        'quantity' => $offer->quantity,
                        'price_minor' => $offer->price->minor,
                    ]))
                        ->forceFill(['shop_id' => $job->shop_id])
                        ->save();
                }
                $orders[] = $order;
            }
            PartsDue::note($job->id);

            return $orders;
        });
    }
}
