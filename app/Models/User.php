<?php

declare(strict_types=1);

namespace App\Models;

use App\SignIn\SendingRight;
use App\Speed\BootsByName;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Laravel\Sanctum\HasApiTokens;

/**
 * A person of a shop.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string $units mm or in
 * @property string $theme light or dark
 * @property string $password
 * @property ?Carbon $joined_at when they first chose a password of their own
 * @property ?Carbon $left_at
 * @property ?string $time_code_secret base32; asked for once it is confirmed
 * @property ?Carbon $time_code_since when it was confirmed
 * @property int $time_code_step the last whose code was taken
 * @property ?string $bench_code hash of the digits by which they take over at a bench
 * @property list<string> $recovery_codes hashes of those that are left
 * @property string $session_mark another one ends every session that began under it
 * @property Shop $shop
 */
final class User extends Authenticatable
{
    use BootsByName;
    use HasApiTokens;

    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password', 'role', 'units', 'theme'];

    protected $hidden = ['password', 'remember_token', 'time_code_secret', 'recovery_codes', 'bench_code'];

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** Ends every session of this person, on all devices, when it is saved. */
    public function endSessions(): static
    {
        SendingRight::end($this);
        $this->setRememberToken(Str::random(60));

        return $this->forceFill(['session_mark' => Str::random(20)]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'password' => 'hashed',
            'joined_at' => 'datetime',
            'left_at' => 'datetime',
            'time_code_secret' => 'encrypted',
            'time_code_since' => 'datetime',
            'recovery_codes' => 'array',
        ];
    }
}
