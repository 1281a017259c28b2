<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Auth;

/**
 * The one place where a shop is kept to its own: whoever is signed in finds only what belongs to their shop, and
 * what they make belongs to it.
 */
trait BelongsToShop
{
    public static function bootBelongsToShop(): void
    {
        static::addGlobalScope('shop', static function (Builder $query): void {
            $user = Auth::hasUser() ? Auth::user() : null;
            if ($user instanceof User) {
                $query->where($query->qualifyColumn('shop_id'), $user->shop_id);
            }
        });
        static::creating(static function (Model $model): void {
            $user = Auth::hasUser() ? Auth::user() : null;
            if ($user instanceof User) {
                $model->setAttribute('shop_id', $user->shop_id);
            }
        });
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
