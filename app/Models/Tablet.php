<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A tablet or computer that stands at a bench, at which several people take over from one another.
 *
 * @property int $id
 * @property string $name
 * @property string $key_hash
 * @property int $enrolled_by
 * @property ?Carbon $ended_at
 * @property Carbon $created_at
 * @property User $enroller
 */
final class Tablet extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'tablets';

    protected $fillable = ['name', 'key_hash', 'enrolled_by', 'ended_at'];

    /** @return BelongsTo<User, $this> */
    public function enroller(): BelongsTo
    {
        return $this->belongsTo(User::class, 'enrolled_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ended_at' => 'datetime'];
    }
}
