<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A signature under a job, with the card as it was then. Never changed.
 *
 * @property int $id
 * @property int $job_id
 * @property int $author_id
 * @property array<string, mixed> $card
 * @property Carbon $signed_at
 * @property User $author
 */
final class SignOff extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'sign_offs';

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $fillable = ['job_id', 'author_id', 'card', 'signed_at'];

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['card' => 'array', 'signed_at' => 'datetime'];
    }
}
