<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use Database\Factories\MachineFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A machine that comes to the shop.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $model
 * @property string $owner
 * @property-read int $open_jobs when it was read with that count
 * @property-read ?string $jobs_max_signed_at when it was read with that aggregate
 * @property-read ?string $due_min_due_on when it was read with that aggregate
 */
final class Machine extends Model
{
    use BelongsToShop;

    /** @use HasFactory<MachineFactory> */
    use HasFactory;

    protected $table = 'machines';

    protected $fillable = ['name', 'model', 'owner'];

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }

    /** @return HasMany<DueItem, $this> */
    public function due(): HasMany
    {
        return $this->hasMany(DueItem::class);
    }
}
