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

    /** The latest entry of each place, what was withdrawn left out. */
    private const ALL = <<<'SQL'
    select %1$s as entries from (select distinct on (place) * from records where job_id = ? order by place, seq desc) r
        join users on users.id = r.author_id where r.value is not null
    SQL;

    public static function of(Job $job): Ready
    {
        return new Ready(DB::selectOne(sprintf(self::ALL, self::ENTRY), [$job->id])->entries);
    }
}
