<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Machine;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Side;
use stdClass;

/** What was done on a machine, what is in it and what of it falls due: read whole, in one query. */
final readonly class History
{
    /** How many jobs and sets of a machine it shows, the latest. */
    private const LATEST = 40;

    private const DUE = 20;

    /** Of what was written in a job, the latest at some places; null where it was withdrawn. */
    private const COLUMNS = <<<'SQL'
        machines.*,
        (select coalesce(jsonb_agg(past), '[]') from (
            select jobs.id, jobs.number, jobs.wheel, jobs.created_at, jobs.signed_at, coalesce(jobs.origin ->> 'signed_by', users.name) as signed_by,
                (select jsonb_object_agg(records.place, records.value ->> 'text' order by records.seq) from records where records.job_id = jobs.id and records.place in (?, ?, ?, ?)) as notes
            from jobs left join users on users.id = jobs.signed_by where jobs.machine_id = machines.id order by jobs.id desc limit ?) past) as past,
        (select coalesce(jsonb_agg(fitted), '[]') from (
            select * from fitted_sets where fitted_sets.machine_id = machines.id order by fitted_on desc, id desc limit ?) fitted) as fitted,
        (select coalesce(jsonb_agg(due), '[]') from (
            select * from due_items where due_items.machine_id = machines.id and settled_at is null order by due_on, id limit ?) due) as due
        SQL;

    /**
     * @param  list<stdClass>  $jobs the latest first, each with the notes at {@see self::places()} as an object
     * @param  list<stdClass>  $sets the latest first
     * @param  list<stdClass>  $due the next first, those without a day at the end
     */
    private function __construct(public Machine $machine, public array $jobs, public array $sets, public array $due)
    {
    }

    /** @throws \Illuminate\Database\Eloquent\ModelNotFoundException */
    public static function of(int $machine): self
    {
        $found = Machine::query()->selectRaw(self::COLUMNS, [...self::places(), self::LATEST, self::LATEST, self::DUE])->findOrFail($machine);
        /** @var array{list<stdClass>, list<stdClass>, list<stdClass>} $read */
        $read = array_map(static fn (string $column): mixed => json_decode($found->getAttribute($column), flags: JSON_THROW_ON_ERROR), ['past', 'fitted', 'due']);

        return new self($found, ...$read);
    }

    /** @return array{string, string, string, string} where that is written which a history shows: the new bearings, what is carried forward, when to look again */
    public static function places(): array
    {
        return [Places::newNumber(Side::Left), Places::newNumber(Side::Right), Places::CARRY, Places::CARRY_WHEN];
    }
}
