<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;

/**
 * A photograph taken at the bench, re-encoded as JPEG.
 *
 * @property string $id made by whoever took it
 * @property int $shop_id
 * @property int $job_id
 * @property int $author_id
 * @property int $width
 * @property int $height
 */
final class Photo extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'photos';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'job_id', 'author_id', 'width', 'height', 'jpeg'];

    protected $hidden = ['jpeg'];
}
