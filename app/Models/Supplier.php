<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Sourcing\Counter;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A counter that the shop buys from.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property int $carriage_minor
 * @property int $days when an article is in stock
 * @property ?int $restock_days when it is not
 * @property ?DateTimeInterface $priced_at
 */
final class Supplier extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'suppliers';

    protected $fillable = ['name', 'carriage_minor', 'days', 'restock_days'];

    /** @return HasMany<ListedPrice, $this> */
    public function prices(): HasMany
    {
        return $this->hasMany(ListedPrice::class);
    }

    public function counter(): Counter
    {
        return new Counter($this->id, $this->name, Money::minor($this->carriage_minor));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['priced_at' => 'datetime'];
    }
}
