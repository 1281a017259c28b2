<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\DueItem;
use App\Models\Job;
use App\Models\Machine;
use Illuminate\Database\Eloquent\Builder;

/** What falls due and is not settled. */
final readonly class Ahead
{
    /** On one machine no more is worth reading. */
    private const OF_MACHINE = 20;

    private const CALENDAR = 500;

    /** @return Builder<DueItem> with a day, the next first */
    public static function dated(): Builder
    {
        return DueItem::query()->with('machine:id,name,model,owner')->whereNull('settled_at')->whereNotNull('due_on')->orderBy('due_on')->orderBy('id');
    }

    /** @return Builder<DueItem> without one: by meter, or whenever the machine comes in */
    public static function undated(): Builder
    {
        return DueItem::query()->with('machine:id,name,model,owner')->whereNull('settled_at')->whereNull('due_on')->orderBy('id');
    }

    /** @return list<DueItem> what earlier jobs on the same machine carried forward */
    public static function ofMachine(Job $job): array
    {
        return array_values(DueItem::query()->with('machine:id,name,model,owner')->where('machine_id', $job->machine_id)->whereNull('settled_at')->where('job_id', '!=', $job->id)->whereIn('kind', ['carry', 'recheck'])->orderBy('id')->limit(self::OF_MACHINE)->get()->all());
    }

    /** @return list<DueItem> the next first, those without a day at the end */
    public static function ofWhole(Machine $machine): array
    {
        $items = DueItem::query()->where('machine_id', $machine->id)->whereNull('settled_at')->orderBy('due_on')->orderBy('id')->limit(self::OF_MACHINE)->get();

        return array_values($items->each(static fn (DueItem $item): DueItem => $item->setRelation('machine', $machine))->all());
    }

    /** @return list<DueItem> */
    public static function forCalendar(int $shop): array
    {
        return array_values(self::dated()->where('shop_id', $shop)->limit(self::CALENDAR)->get()->all());
    }
}
