<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One thing that the owner can read afterwards. The database lets no line be changed or deleted.
 *
 * @property int $id
 * @property ?int $by_id
 * @property ?int $about_id
 * @property Logged $what
 * @property string $detail
 * @property string $address
 * @property Carbon $at
 * @property ?User $by
 * @property ?User $about
 */
final class LogLine extends Model
{
    use BelongsToShop;
    use BootsByName;

    public $timestamps = false;

    protected $table = 'log_lines';

    protected $fillable = ['by_id', 'about_id', 'what', 'detail', 'address', 'at'];

    /** @return BelongsTo<User, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsTo(User::class, 'by_id');
    }

    /** @return BelongsTo<User, $this> */
    public function about(): BelongsTo
    {
        return $this->belongsTo(User::class, 'about_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['what' => Logged::class, 'at' => 'datetime'];
    }
}
