<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;
use Illuminate\Support\Facades\DB;

/** Puts jobs on the bench of the day in an order; the others are off it. */
final class OrderBench
{
    /** @param  list<int>  $jobs ids; those of another shop, or signed, are passed over */
    public function __invoke(array $jobs): void
    {
        DB::transaction(static function () use ($jobs): void {
            Job::query()
                ->whereNotNull('bench_place')
                ->whereNotIn('id', $jobs)
                ->update(['bench_place' => null]);
            foreach ($jobs as $place => $job) {
                Job::query()
                    ->whereKey($job)
                    ->open()
                    ->update(['bench_place' => $place + 1]);
            }
        });
    }
}
