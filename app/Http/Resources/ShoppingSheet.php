<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\ShoppingList;
use App\Models\Shop;
use CleanRace\Core\Sourcing\Basket;
use CleanRace\Core\Sourcing\Offer;
use CleanRace\Core\Sourcing\ToBuy;

/**
 * What a job needs and the two ways to buy it. Amounts are in minor units of the shop's currency; minutes are those
 * of hands that its plan asks for.
 */
final readonly class ShoppingSheet
{
    /**
     * @param  list<BasketLine>  $lines
     * @param  list<OfferShown>  $offers
     */
    public function __construct(
        public string $currency,
        public int $hourMinor,
        public int $minutes,
        public array $lines,
        public array $offers,
        public BasketShown $cheapest,
        public BasketShown $soonest,
    ) {
    }

    public static function of(ShoppingList $list, Shop $shop): self
    {
        $shown = static fn (Offer $o): OfferShown => new OfferShown(
            $o->need,
            $o->supplier,
            $list->suppliers[$o->supplier]->name,
            $o->article,
            $o->quantity,
            $o->price->minor,
            $o->days,
            $o->inStock,
        );
        $basket = static fn (Basket $b): BasketShown => new BasketShown(
            array_map($shown, $b->offers),
            $b->missing,
            $b->goods->minor,
            $b->carriage->minor,
            $b->total->minor,
            $b->days,
        );

        return new self(
            $shop->currency,
            $shop->hour_minor,
            $list->minutes,
            array_map(
                static fn (ToBuy $l): BasketLine => new BasketLine(
                    $l->what,
                    $l->askFor,
                    $l->quantity,
                    $l->note,
                    $l->key !== null,
                    $l->made,
                    $list->shelf[$l->key ?? '']->id ?? null,
                    $list->shelf[$l->key ?? '']->count ?? 0,
                    $list->ordered[$l->key ?? ''] ?? 0,
                ),
                $list->lines,
            ),
            array_map($shown, $list->offers),
            $basket($list->cheapest),
            $basket($list->soonest),
        );
    }
}
