<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One article of a counter's price list.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $supplier_id
 * @property string $article
 * @property string $description
 * @property ?string $key what it is in any list
 * @property int $price_minor of `pack` pieces
 * @property int $pack
 * @property ?int $stock
 * @property ?int $days
 * @property Supplier $supplier
 */
final class ListedPrice extends Model
{
    use BelongsToShop;
    use BootsByName;

    public $timestamps = false;

    protected $table = 'listed_prices';

    protected $fillable = ['supplier_id', 'article', 'description', 'key', 'price_minor', 'pack', 'stock', 'days'];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }
}
