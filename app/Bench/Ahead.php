<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\DueItem;
use App\Models\Job;
use App\Models\Machine;
use Illuminate\Database\Eloquent\Builder;
use stdClass;

/** What falls due and is not settled, each with its machine, read as the rows they are. */
final readonly class Ahead
{
    /** On one machine no more is worth reading. */
    private const OF_MACHINE = 20;

    private const CALENDAR = 500;

    private const COLUMNS = [
        'due_items.id',
        'due_items.kind',
        'due_items.wheel',
        'due_items.job_id',
        'due_items.what',
        'due_items.words',
        'due_items.due_on',
        'due_items.due_meter',
        'due_items.meter_unit',
        'due_items.rests_on',
        'due_items.settled_at',
        'due_items.updated_at',
        ...Machine::JOINED,
    ];

    /** @return Builder<DueItem> with a day, the next first */
    public static function dated(): Builder
    {
        return self::open()->whereNotNull('due_items.due_on')->orderBy('due_items.due_on')->orderBy('due_items.id');
    }

    /** @return Builder<DueItem> without one: by meter, or whenever the machine comes in */
    public static function undated(): Builder
    {
        return self::open()->whereNull('due_items.due_on')->orderBy('due_items.id');
    }

    /** @return list<stdClass> what earlier jobs on the same machine carried forward */
    public static function ofMachine(Job $job): array
    {
        return self::rows(
            self::open()
                ->where('due_items.machine_id', $job->machine_id)
                ->where('due_items.job_id', '!=', $job->id)
                ->whereIn('due_items.kind', ['carry', 'recheck'])
                ->orderBy('due_items.id')
                ->limit(self::OF_MACHINE),
        );
    }

    /** @return list<stdClass> */
    public static function forCalendar(int $shop): array
    {
        return self::rows(self::dated()->where('due_items.shop_id', $shop)->limit(self::CALENDAR));
    }

    public static function row(DueItem $item): stdClass
    {
        /** @var stdClass */
        return self::items()->where('due_items.id', $item->id)->toBase()->sole();
    }

    /** @return Builder<DueItem> */
    private static function open(): Builder
    {
        return self::items()->whereNull('due_items.settled_at');
    }

    /** @return Builder<DueItem> each with its machine, to be read with toBase() */
    private static function items(): Builder
    {
        return DueItem::query()->join('machines', 'machines.id', '=', 'due_items.machine_id')->select(self::COLUMNS);
    }

    /**
     * @param  Builder<DueItem>  $items
     * @return list<stdClass>
     */
    private static function rows(Builder $items): array
    {
        return array_values($items->toBase()->get()->all());
    }
}
