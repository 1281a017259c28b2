<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A recording of a spun wheel, written anew as a WAV file of sixteen bits, one channel.
 *
 * @property string $id made by whoever recorded it
 * @property int $shop_id
 * @property int $job_id
 * @property int $author_id
 * @property int $rate samples a second
 * @property string $seconds
 * @property string $digest of salt and file
 * @property ?Carbon $erased_at
 * @property Carbon $created_at
 */
final class Recording extends Model
{
    use BelongsToShop;
    use BootsByName;

    public const UPDATED_AT = null;

    protected $table = 'recordings';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'rate', 'seconds', 'digest', 'salt', 'wav'];

    protected $hidden = ['wav', 'salt'];

    protected $casts = ['erased_at' => 'datetime', 'created_at' => 'datetime'];

    /** All but the sound itself. */
    public const SHEET = ['id', 'shop_id', 'job_id', 'author_id', 'rate', 'seconds', 'digest', 'erased_at', 'created_at'];

    /** The file; null once it was erased. */
    public function wave(): ?string
    {
        $wav = $this->getAttribute('wav');

        return is_resource($wav) ? (string) stream_get_contents($wav) : (is_string($wav) ? $wav : null);
    }
}
