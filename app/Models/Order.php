<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * What was ordered from one counter for one job.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $supplier_id
 * @property int $job_id
 * @property int $author_id
 * @property int $number
 * @property int $carriage_minor
 * @property ?int $days until the last of it is here
 * @property Carbon $created_at
 * @property Supplier $supplier
 * @property Job $job
 * @property User $author
 * @property \Illuminate\Database\Eloquent\Collection<int, OrderLine> $lines
 */
final class Order extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'orders';

    protected $fillable = ['supplier_id', 'job_id', 'author_id', 'number', 'carriage_minor', 'days'];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OrderLine::class)->orderBy('id');
    }

    public function isHere(): bool
    {
        return $this->lines->every(static fn (OrderLine $l): bool => $l->received >= $l->quantity);
    }
}
