<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Tooling\Gauges;
use CleanRace\Core\Tooling\Tool as Driver;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use Illuminate\Database\Eloquent\Model;
use stdClass;

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
 * @property ?string $ram_mm piston of a press
 * @property ?string $pitch_mm of a rod
 * @property ?int $capacity_n of a press
 * @property ?string $torque_low_nm of a torque wrench
 * @property ?string $torque_high_nm
 * @property ?string $plus_minus_mm of a gauge
 * @property int $count
 * @property ?string $reads which instrument a gauge is
 */
final class Tool extends Model
{
    use BelongsToShop;
    use BootsByName;

    protected $table = 'tools';

    protected $fillable = [
        'name',
        'kind',
        'outside_mm',
        'opening_mm',
        'length_mm',
        'across_mm',
        'ram_mm',
        'pitch_mm',
        'capacity_n',
        'torque_low_nm',
        'torque_high_nm',
        'plus_minus_mm',
        'count',
        'reads',
    ];

    /** @return array{list<Driver>, list<WallTool>} the drivers that hang on the wall of a shop, and all that hangs there */
    public static function wall(int $shop): array
    {
        $all = array_values(self::query()->where('shop_id', $shop)->orderBy('id')->toBase()->get()->map(self::hung(...))->all());

        return [array_values(array_filter(array_map(static fn (WallTool $t): ?Driver => $t->driver(), $all))), $all];
    }

    /** How well the instruments of a shop read: those on its wall that say so. */
    public static function gauges(int $shop): Gauges
    {
        return new Gauges(
            array_values(
                self::query()
                    ->where('shop_id', $shop)
                    ->whereNotNull('reads')
                    ->orderBy('id')
                    ->toBase()
                    ->get()
                    ->map(self::hung(...))
                    ->all(),
            ),
        );
    }

    public function onWall(): WallTool
    {
        return self::hung((object) $this->getAttributes());
    }

    /** @return array<string, string|int|float|null> as it is kept */
    public static function kept(WallTool $tool): array
    {
        return [
            'name' => $tool->name,
            'kind' => $tool->kind->value,
            'outside_mm' => $tool->outside?->mm,
            'opening_mm' => $tool->opening?->mm,
            'length_mm' => $tool->length?->mm,
            'across_mm' => $tool->across?->mm,
            'ram_mm' => $tool->ram?->mm,
            'pitch_mm' => $tool->pitch?->mm,
            'capacity_n' => $tool->capacity === null ? null : (int) round($tool->capacity->newtons),
            'torque_low_nm' => $tool->torqueLow?->newtonMetres,
            'torque_high_nm' => $tool->torqueHigh?->newtonMetres,
            'plus_minus_mm' => $tool->plusMinus?->mm,
            'count' => $tool->count,
            'reads' => $tool->reads?->value,
        ];
    }

    /** @param  stdClass  $row as the table holds it */
    private static function hung(stdClass $row): WallTool
    {
        $number = static fn (string $column): ?float => is_numeric($row->{$column} ?? null) ? (float) $row->{$column} : null;
        $length = static fn (string $column): ?Length => ($mm = $number($column)) === null ? null : Length::mm($mm);
        $torque = static fn (string $column): ?Torque => ($nm = $number($column)) === null ? null : Torque::newtonMetres($nm);
        $capacity = $number('capacity_n');

        return new WallTool(
            (string) $row->id,
            $row->name,
            ToolKind::from($row->kind),
            $length('opening_mm'),
            $length('outside_mm'),
            $length('length_mm'),
            $length('across_mm'),
            $length('ram_mm'),
            $length('pitch_mm'),
            $capacity === null ? null : Force::newtons($capacity),
            $torque('torque_low_nm'),
            $torque('torque_high_nm'),
            $length('plus_minus_mm'),
            (int) ($number('count') ?? 1),
            Instrument::tryFrom($row->reads ?? ''),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ToolKind::class];
    }
}
