<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The bearings one job put into a wheel, and how long they lasted once others took their place.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $machine_id
 * @property int $job_id
 * @property string $wheel
 * @property string $pattern
 * @property string $bearings
 * @property Carbon $fitted_on
 * @property ?float $meter
 * @property ?string $meter_unit
 * @property ?Carbon $ended_on
 * @property ?int $lasted_days
 * @property ?float $lasted_meter
 */
final class FittedSet extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'fitted_sets';

    public $timestamps = false;

    protected $fillable = [
        'machine_id',
        'job_id',
        'wheel',
        'pattern',
        'bearings',
        'fitted_on',
        'meter',
        'meter_unit',
        'ended_on',
        'lasted_days',
        'lasted_meter',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fitted_on' => 'date', 'ended_on' => 'date', 'meter' => 'float', 'lasted_meter' => 'float'];
    }
}
