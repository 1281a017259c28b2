<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something to look at again: carried forward from a job, a re-check after the first ride, or a set whose like did not last longer.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $machine_id
 * @property int $job_id
 * @property string $kind carry, recheck or life
 * @property string $wheel
 * @property string $what in English
 * @property ?array{text: string, values: mixed} $words the same as a message, where the program said it
 * @property ?Carbon $due_on
 * @property ?float $due_meter
 * @property ?string $meter_unit
 * @property ?int $rests_on
 * @property ?Carbon $settled_at
 * @property ?int $settled_by
 */
final class DueItem extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'due_items';

    protected $fillable = [
        'machine_id',
        'job_id',
        'kind',
        'wheel',
        'what',
        'words',
        'due_on',
        'due_meter',
        'meter_unit',
        'rests_on',
        'settled_at',
        'settled_by',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['words' => 'array', 'due_on' => 'date', 'settled_at' => 'datetime', 'due_meter' => 'float'];
    }
}
