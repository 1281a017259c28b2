<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $order_id
 * @property string $what what it is for
 * @property string $article as the counter names it
 * @property string $ask_for
 * @property ?string $key
 * @property int $quantity
 * @property int $price_minor of all pieces
 * @property int $received
 */
final class OrderLine extends Model
{
    use BelongsToShop;
    use BootsByName;

    public $timestamps = false;

    protected $table = 'order_lines';

    protected $fillable = ['order_id', 'what', 'article', 'ask_for', 'key', 'quantity', 'price_minor', 'received'];

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
