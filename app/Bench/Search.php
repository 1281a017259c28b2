<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Machine;
use Illuminate\Database\Eloquent\Builder;

/** Machines and jobs by words somebody remembers, as they came: what is no text finds all. */
final readonly class Search
{
    private const MOST_WORDS = 6;

    private const LONGEST_NUMBER = 9;

    /** So many machines are few. */
    private const FEW = 60;

    /**
     * Machines with each word somewhere in their name, model or owner; all of them when there is no word.
     *
     * @param  Builder<Machine>  $machines
     * @return Builder<Machine>
     */
    public static function machines(Builder $machines, mixed $words): Builder
    {
        return self::narrow($machines, is_string($words) ? $words : '');
    }

    /**
     * Jobs on such machines, and the one with that number.
     *
     * @param  Builder<Job>  $jobs with their machines joined
     * @return Builder<Job>
     */
    public static function jobs(Builder $jobs, mixed $words): Builder
    {
        $words = is_string($words) ? trim($words) : '';
        if ($words === '') {
            return $jobs;
        }

        // A few machines are looked up and their jobs read; of many the latest jobs are soon met by going backward.
        $few = self::narrow(Machine::query(), $words)
            ->limit(self::FEW + 1)
            ->toBase()
            ->pluck('id');

        return $jobs->where(static function (Builder $either) use ($words, $few): void {
            $few->count() <= self::FEW
                ? $either->whereIn('jobs.machine_id', $few)
                : $either->where(static fn (Builder $machines): Builder => self::narrow($machines, $words));
            if (ctype_digit($words) && strlen($words) <= self::LONGEST_NUMBER) {
                $either->orWhere('jobs.number', (int) $words);
            }
        });
    }

    /**
     * @template T of Job|Machine
     *
     * @param  Builder<T>  $query that reads the machines
     * @return Builder<T>
     */
    private static function narrow(Builder $query, string $words): Builder
    {
        foreach (array_slice(preg_split('/\s+/u', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [], 0, self::MOST_WORDS) as $word) {
            $query->whereRaw('machines.words like lower(?)', ['%'.addcslashes($word, '%_\\').'%']);
        }

        return $query;
    }
}
