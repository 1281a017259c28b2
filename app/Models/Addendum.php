<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was added to a job after its signature. Never changed: another word is another addendum.
 *
 * @property string $id made by whoever wrote it
 * @property int $shop_id
 * @property int $job_id
 * @property int $author_id
 * @property string $text
 * @property Carbon $made_at
 * @property User $author
 */
final class Addendum extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'addenda';

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $fillable = ['id', 'job_id', 'author_id', 'text', 'made_at'];

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'datetime'];
    }
}
