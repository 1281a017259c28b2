<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Machine;
use Illuminate\Contracts\Database\Eloquent\Builder as Query;
use Illuminate\Database\Eloquent\Builder;

/** Machines and jobs by words somebody remembers, as they came: what is no text finds all. */
final readonly class Search
{
    private const MOST_WORDS = 6;

    private const LONGEST_NUMBER = 9;

    /**
     * Machines with each word somewhere in their name, model or owner; all of them when there is no word.
     *
     * @param  Builder<Machine>  $machines
     * @return Builder<Machine>
     */
    public static function machines(Builder $machines, mixed $words): Builder
    {
        self::narrow($machines, is_string($words) ? $words : '');

        return $machines;
    }

    /**
     * Jobs on such machines, and the one with that number.
     *
     * @param  Builder<Job>  $jobs
     * @return Builder<Job>
     */
    public static function jobs(Builder $jobs, mixed $words): Builder
    {
        $words = is_string($words) ? trim($words) : '';
        if ($words === '') {
            return $jobs;
        }

        return $jobs->where(static function (Builder $either) use ($words): void {
            $either->whereHas('machine', static fn (Query $machines) => self::narrow($machines, $words));
            if (ctype_digit($words) && strlen($words) <= self::LONGEST_NUMBER) {
                $either->orWhere('number', (int) $words);
            }
        });
    }

    private static function narrow(Query $machines, string $words): void
    {
        foreach (array_slice(preg_split('/\s+/u', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [], 0, self::MOST_WORDS) as $word) {
            $machines->whereRaw("concat_ws(' ', name, model, owner) ilike ?", ['%'.addcslashes($word, '%_\\').'%']);
        }
    }
}
