<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The one place where a shop is kept to its own: only what belongs to the shop at hand is found, and what is made there
 * belongs to it. With no shop at hand nothing is found, and it is said that nothing can be.
 */
trait BelongsToShop
{
    public static function bootBelongsToShop(): void
    {
        static::addGlobalScope('shop', static function (Builder $query): void {
            $query->where($query->qualifyColumn('shop_id'), app(ShopAtHand::class)->id());
        });
        static::creating(static function (Model $model): void {
            $shop = app(ShopAtHand::class)->find();
            if ($shop !== null) {
                $model->setAttribute('shop_id', $shop);
            }
        });
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
