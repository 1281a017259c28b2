<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\Tool as CoreTool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use Illuminate\Database\Eloquent\Model;

/**
 * A tool on the wall. A puller or pliers span from `opening_mm` to `outside_mm`.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property ToolKind $kind
 * @property ?string $outside_mm
 * @property ?string $opening_mm
 * @property ?string $length_mm
 * @property ?string $across_mm across the flats
 */
final class Tool extends Model
{
    use BelongsToShop;

    protected $table = 'tools';

    protected $fillable = ['name', 'kind', 'outside_mm', 'opening_mm', 'length_mm', 'across_mm'];

    /** @return array{list<CoreTool>, list<WallTool>} the drivers that hang on the wall of a shop, and all that hangs there */
    public static function wall(int $shop): array
    {
        $length = static fn (?string $mm): ?Length => $mm === null ? null : Length::mm((float) $mm);
        $drivers = $all = [];
        foreach (self::query()->where('shop_id', $shop)->orderBy('id')->toBase()->get() as $row) {
            $kind = ToolKind::from($row->kind);
            [$outside, $opening, $long, $across] = array_map($length, [$row->outside_mm, $row->opening_mm, $row->length_mm, $row->across_mm]);
            $all[] = new WallTool((string) $row->id, $row->name, $kind, $opening, $outside, $long, $across);
            if ($kind->isDriver() && $outside !== null && $long !== null) {
                $drivers[] = new CoreTool((string) $row->id, $row->name, $kind, $outside, $opening, $long);
            }
        }

        return [$drivers, $all];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ToolKind::class];
    }
}
