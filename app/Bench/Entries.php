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
        'made_at', to_char(r.made_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"+00:00"'),
        'newer', case when was.id is not null then json_build_object('value', r.was_value, 'instrument', r.was_instrument,
            'by', was.name, 'made_at', to_char(r.was_made_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"+00:00"')) end)
        order by r.seq), '[]')
    SQL;

    /**
     * The latest entry of each place, what was withdrawn left out. Order of arrival is order of truth; what another hand
     * had entered later than that was made is told beside it.
     */
    private const ALL = <<<'SQL'
    select %1$s as entries from (
        select distinct on (place) *, lag(value) over past as was_value, lag(instrument) over past as was_instrument,
            lag(made_at) over past as was_made_at, lag(author_id) over past as was_author
        from entries where job_id = ? window past as (partition by place order by seq) order by place, seq desc
    ) r
        join users on users.id = r.author_id
        left join users was on was.id = r.was_author and r.was_author <> r.author_id and r.was_made_at > r.made_at
            and r.was_value is not null and r.was_value <> r.value
    where r.value is not null
    SQL;

    public static function of(Job $job): Ready
    {
        return new Ready(DB::selectOne(sprintf(self::ALL, self::ENTRY), [$job->id])->entries);
    }
}
