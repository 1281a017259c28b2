<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Shapes\Ready;
use CleanRace\Core\Notebook\PlaceTable;
use Illuminate\Support\Facades\DB;

/**
 * What other jobs on the same machine know of a hub: of this wheel the last time, else of another wheel built alike, so that
 * the second starts from the first. What was fitted is what lies there now.
 */
final class Lent
{
    /** How many jobs are asked, those on this wheel first and the latest first. */
    private const JOBS = 3;

    private const LATEST = <<<'SQL'
    select %1$s from (
        select distinct on (place) * from (
            select r.id, regexp_replace(r.place, '^source\.(left|right)\.number$', 'size.\1.number') as place, r.value, r.instrument,
                r.made_at, r.seq, r.author_id, other.number as job, other.wheel, other.same
            from jobs here
            cross join lateral (
                select o.id, o.number, o.wheel, o.wheel = here.wheel as same, o.pattern = here.pattern as alike from jobs o
                where o.machine_id = here.machine_id and o.id <> here.id and (o.wheel = here.wheel or o.pattern = here.pattern)
                order by same desc, o.id desc limit ?
            ) other
            join records r on r.job_id = other.id
            where here.id = ? and (other.alike or r.place like 'fastener.%%') and (
                r.place ~ ? or (other.same and r.place ~ ?) or r.place in ('source.left.number', 'source.right.number')
            )
        ) known
        order by place, same desc, seq desc
    ) r
    join users on users.id = r.author_id
    where r.value is not null
    SQL;

    private const ENTRY = <<<'SQL'
    coalesce(json_agg(json_build_object('id', r.id, 'place', r.place, 'value', r.value, 'instrument', r.instrument, 'by', users.name,
        'job', r.job, 'wheel', r.wheel, 'same_wheel', r.same,
        'made_at', to_char(r.made_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"+00:00"')) order by r.seq), '[]') as lent
    SQL;

    /** A list as JSON, each with the job and the wheel it is from; nothing for a job that is closed. */
    public static function to(Job $job): Ready
    {
        if ($job->isSigned() || $job->dropped_at !== null) {
            return new Ready('[]');
        }

        return new Ready(
            DB::selectOne(sprintf(self::LATEST, self::ENTRY), [
                self::JOBS,
                $job->id,
                PlaceTable::lending(thisWheel: false),
                PlaceTable::lending(thisWheel: true),
            ])->lent,
        );
    }
}
