<?php

declare(strict_types=1);

namespace App\Cards;

use App\Bench\ShoppingList;
use App\Models\Job;
use App\Models\Order;
use CleanRace\Core\Measure\Money;

/** An order for the counter and a quote for the customer, to print. */
final readonly class BuyingPaper
{
    private const MINUTES = 60;

    public function __construct(private Paper $paper, private Language $language)
    {
    }

    /** @param  string  $size a4 or letter */
    public function order(Order $order, string $size): string
    {
        $goods = Money::minor((int) $order->lines->sum('price_minor'));

        return (string) $this->paper
            ->rendered(
                'order',
                [
                    'order' => $order,
                    'currency' => $order->job->shop->currency,
                    'goods' => $goods,
                    'total' => $goods->plus(Money::minor($order->carriage_minor)),
                ],
                $size,
            )
            ->output();
    }

    /**
     * Parts at what the cheapest basket costs, bench time at the shop's hour. What no counter lists is named without a price.
     *
     * @param  string  $size a4 or letter
     * @param  string  $units mm or in
     */
    public function quote(Job $job, ShoppingList $list, string $size, string $units): string
    {
        $prices = [];
        foreach ($list->cheapest->offers as $offer) {
            $prices[$offer->need] = $offer->price;
        }
        $minutes = $list->minutes;
        $labour = Money::minor($job->shop->hour_minor)->part($minutes, self::MINUTES);

        return (string) $this->paper
            ->rendered(
                'quote',
                [
                    'job' => $job,
                    'words' => new Words($units, $this->language),
                    'currency' => $job->shop->currency,
                    'lines' => $list->lines,
                    'prices' => $prices,
                    'ordered' => $list->ordered,
                    'shelf' => $list->shelf,
                    'minutes' => $minutes,
                    'labour' => $labour,
                    'carriage' => $list->cheapest->carriage,
                    'total' => $list->cheapest->total->plus($labour),
                ],
                $size,
            )
            ->output();
    }
}
