<?php

declare(strict_types=1);

namespace App\Models;

use App\Devices\PressingState;
use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A ring that goes in under the press gauge: followed by a watcher of its own, read by whoever looks on. What it leaves is a
 * {@see PressTrace}; this is thrown away after a while.
 *
 * @property string $id made by whoever began it
 * @property int $shop_id
 * @property int $job_id
 * @property int $by_id
 * @property string $seat
 * @property PressingState $state
 * @property array<string, string|int|float> $begin what the gauge is told
 * @property string $setup JSON
 * @property string $samples JSON
 * @property int $count
 * @property ?string $result JSON
 * @property bool $stop whether somebody wants it stopped
 * @property ?Carbon $heard_at
 */
final class Pressing extends Model
{
    use BelongsToShop;
    use BootsByName;

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'pressings';

    protected $keyType = 'string';

    protected $fillable = ['id', 'job_id', 'by_id', 'seat', 'state', 'begin', 'setup', 'asked_at', 'stop'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => PressingState::class, 'begin' => 'array', 'stop' => 'boolean', 'heard_at' => 'datetime'];
    }
}
