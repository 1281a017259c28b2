<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a machine's meter showed when it came in.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $machine_id
 * @property int $job_id
 * @property float $amount
 * @property string $unit km, mi or h
 * @property Carbon $read_on
 */
final class MeterReading extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'meter_readings';

    public $timestamps = false;

    protected $fillable = ['machine_id', 'job_id', 'amount', 'unit', 'read_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['amount' => 'float', 'read_on' => 'date'];
    }
}
