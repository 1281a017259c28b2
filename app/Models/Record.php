<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use App\Store\RecordRow;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One reading, answer or step done. Never changed: a correction is another record for the same place. Read as `entries`, where
 * a customer's words stand in their place again; written by {@see RecordRow}.
 *
 * @property string $id made by whoever entered it
 * @property int $seq order of arrival
 * @property int $shop_id
 * @property int $job_id
 * @property int $author_id
 * @property string $place
 * @property ?array<string, mixed> $value null when it was withdrawn
 * @property ?string $instrument
 * @property Carbon $made_at
 * @property Carbon $received_at
 * @property User $author
 */
final class Record extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'entries';

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $fillable = ['id', 'shop_id', 'job_id', 'author_id', 'place', 'value', 'instrument', 'made_at', 'received_at'];

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'array', 'made_at' => 'datetime', 'received_at' => 'datetime', 'seq' => 'integer'];
    }
}
