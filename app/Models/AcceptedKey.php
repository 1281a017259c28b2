<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The key of another shop whose fingerprint the owner compared with them and found the same.
 *
 * @property int $id
 * @property string $public_key Ed25519, base64
 * @property string $name whose it is, as the owner says
 * @property Carbon $accepted_at
 * @property ?Carbon $revoked_at
 * @property User $acceptor
 */
final class AcceptedKey extends Model
{
    use BelongsToShop;
    use BootsByName;

    public $timestamps = false;

    protected $table = 'accepted_keys';

    protected $fillable = ['public_key', 'name', 'accepted_by', 'accepted_at', 'revoked_at'];

    /** @return BelongsTo<User, $this> */
    public function acceptor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'accepted_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['accepted_at' => 'datetime', 'revoked_at' => 'datetime'];
    }
}
