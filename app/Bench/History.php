<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Machine;
use stdClass;

/** What was done on a machine, what is in it and what of it falls due: read whole, in one query. */
final readonly class History
{
    /** How many jobs and sets of a machine it shows, the latest. */
    private const LATEST = 40;

    private const DUE = 20;

    private const COLUMNS = <<<'SQL'
    machines.*,
    to_json(array(select past from (
        select jobs.id, jobs.number, jobs.wheel, jobs.created_at, jobs.signed_at, jobs.dropped_for,
            case when jobs.origin is not null and jobs.signed_at < jobs.created_at then null
                else (select users.name from users where users.id = jobs.signed_by) end as signed_by,
            jobs.origin,
            jobs.standing -> 'fitted' as fitted, jobs.standing ->> 'carried' as carried, jobs.standing ->> 'look_again' as look_again
        from jobs where jobs.machine_id = machines.id order by jobs.id desc limit ?) past)) as past,
    to_json(array(select fitted_sets from fitted_sets
        where fitted_sets.machine_id = machines.id order by fitted_on desc, id desc limit ?)) as fitted,
    to_json(array(select due_items from due_items
        where due_items.machine_id = machines.id and settled_at is null order by due_on, id limit ?)) as due
    SQL;

    /**
     * @param  list<stdClass>  $jobs the latest first
     * @param  list<stdClass>  $sets the latest first
     * @param  list<stdClass>  $due the next first, those without a day at the end
     */
    private function __construct(public Machine $machine, public array $jobs, public array $sets, public array $due)
    {
    }

    /**
     * @param  string  $machine its id, as it stands in the address
     *
     * @throws \Illuminate\Database\Eloquent\ModelNotFoundException
     */
    public static function of(string $machine): self
    {
        $found = Machine::query()
            ->selectRaw(self::COLUMNS, [self::LATEST, self::LATEST, self::DUE])
            ->findOrFail($machine);
        /** @var array{list<stdClass>, list<stdClass>, list<stdClass>} $read */
        $read = array_map(static fn (string $column): mixed => json_decode($found->getAttribute($column), flags: JSON_THROW_ON_ERROR), [
            'past',
            'fitted',
            'due',
        ]);

        return new self($found, ...$read);
    }
}
