<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Shapes\Ready;
use Illuminate\Support\Facades\DB;

/** What stands at the places of a job, written as JSON by the store itself: a list of entries as an answer has them. */
final class Entries
{
    private const ENTRY = <<<'SQL'
    coalesce(json_agg(json_build_object('id', r.id, 'place', r.place, 'value', r.value, 'instrument', r.instrument, 'by', users.name,
        'made_at', to_char(r.made_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"+00:00"')) order by r.seq), '[]')
    SQL;

    /** The latest entry of each place, what was withdrawn left out; and what earlier jobs on the same wheel noted of its fasteners. */
    private const ALL = <<<'SQL'
    select
        (select %1$s from (select distinct on (place) * from records where job_id = jobs.id order by place, seq desc) r
            join users on users.id = r.author_id where r.value is not null) as entries,
        (select %1$s from (
            select distinct on (place) * from records
            where place like 'fastener.%%' and place not like '%%.done' and job_id in (
                select id from jobs earlier
                where earlier.machine_id = jobs.machine_id and earlier.wheel = jobs.wheel and earlier.id < jobs.id
                order by id desc limit 3
            ) order by place, seq desc) r
            join users on users.id = r.author_id where r.value is not null) as remembered
    from jobs where jobs.id = ?
    SQL;

    /** @return array{Ready, Ready} of this job, and what is remembered from before */
    public static function of(Job $job): array
    {
        $rows = DB::selectOne(sprintf(self::ALL, self::ENTRY), [$job->id]);

        return [new Ready($rows->entries), new Ready($rows->remembered)];
    }
}
