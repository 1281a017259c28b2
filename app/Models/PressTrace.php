<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Seating\Press\PressSample;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The force–travel curve of one seating. Never changed: another pressing is another trace.
 *
 * @property string $id made by whoever kept it
 * @property int $shop_id
 * @property int $job_id
 * @property int $author_id
 * @property string $seat
 * @property string $source `press`, `stand_in` of a simulated one, or `file`
 * @property list<array{float, float}> $samples travel in mm, force in N
 * @property Carbon $made_at
 */
final class PressTrace extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'press_traces';

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $fillable = ['id', 'seat', 'source', 'samples', 'made_at'];

    /** @return list<PressSample> */
    public function curve(): array
    {
        return array_map(static fn (array $s): PressSample => new PressSample(Length::mm($s[0]), Force::newtons($s[1])), $this->samples);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['samples' => 'array', 'made_at' => 'datetime'];
    }
}
