<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Machine;
use Illuminate\Database\Eloquent\Builder;
use stdClass;

/** Jobs as lists show them: each with its machine, in one query, read as the rows they are. */
final readonly class Board
{
    private const COLUMNS = [
        'jobs.id',
        'jobs.number',
        'jobs.wheel',
        'jobs.pattern',
        'jobs.standing',
        'jobs.created_at',
        'jobs.signed_at',
        'jobs.parts_on',
        'jobs.urgency',
        ...Machine::JOINED,
    ];

    /** @return Builder<Job> to be narrowed, then read with toBase() */
    public static function jobs(): Builder
    {
        return Job::query()->join('machines', 'machines.id', '=', 'jobs.machine_id')->select(self::COLUMNS);
    }

    public static function row(int $job): stdClass
    {
        /** @var stdClass */
        return self::jobs()->where('jobs.id', $job)->toBase()->sole();
    }
}
