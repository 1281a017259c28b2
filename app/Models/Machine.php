<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Database\Factories\MachineFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * A machine that comes to the shop.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $model
 * @property string $owner
 */
final class Machine extends Model
{
    use BelongsToShop;
    use BootsByName;

    /** @use HasFactory<MachineFactory> */
    use HasFactory;

    /** What a query that joins the machines reads of them. */
    public const JOINED = [
        'machines.id as machine_id',
        'machines.name as machine_name',
        'machines.model as machine_model',
        'machines.owner as machine_owner',
    ];

    protected $table = 'machines';

    protected $fillable = ['name', 'model', 'owner'];
}
