<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a recording tells, as it was last worked out.
 *
 * @property string $recording_id
 * @property int $shop_id
 * @property int $job_id
 * @property string $asked digest of what it was worked out from
 * @property ?array<string, mixed> $heard as {@see \CleanRace\Core\Sound\Listen\ListenResult} is said
 * @property ?string $fault why it cannot be listened to
 * @property Carbon $heard_at
 */
final class Hearing extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'hearings';

    protected $primaryKey = 'recording_id';

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = ['recording_id', 'asked', 'heard', 'fault', 'heard_at'];

    protected $casts = ['heard' => 'array', 'heard_at' => 'datetime'];
}
