<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\Tool as CoreTool;
use CleanRace\Core\Tooling\ToolKind;
use Illuminate\Database\Eloquent\Model;

/**
 * A driver on the tool wall.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property ToolKind $kind
 * @property string $outside_mm
 * @property ?string $opening_mm
 * @property string $length_mm
 */
final class Tool extends Model
{
    use BelongsToShop;

    protected $table = 'tools';

    protected $fillable = ['name', 'kind', 'outside_mm', 'opening_mm', 'length_mm'];

    public function toCore(): CoreTool
    {
        return new CoreTool(
            (string) $this->id, $this->name, $this->kind, Length::mm((float) $this->outside_mm),
            $this->opening_mm === null ? null : Length::mm((float) $this->opening_mm), Length::mm((float) $this->length_mm),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ToolKind::class];
    }
}
