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

    /** @return list<CoreTool> all that hangs on the wall of a shop */
    public static function wall(int $shop): array
    {
        return array_values(self::query()->where('shop_id', $shop)->orderBy('id')->toBase()->get()->map(static fn (object $row): CoreTool => new CoreTool(
            (string) $row->id, $row->name, ToolKind::from($row->kind), Length::mm((float) $row->outside_mm),
            $row->opening_mm === null ? null : Length::mm((float) $row->opening_mm), Length::mm((float) $row->length_mm),
        ))->all());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ToolKind::class];
    }
}
