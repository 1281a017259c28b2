<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;

/**
 * Something the shop keeps on its own shelf.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $article
 * @property ?string $key what it is in any list
 * @property int $count
 */
final class ShelfItem extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'shelf_items';

    protected $fillable = ['article', 'key', 'count'];
}
