<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Order;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/** When the parts that are ordered for a job come. */
final readonly class PartsDue
{
    /**
     * The same jobs, read together with the day on which the last of what is ordered for each comes.
     *
     * @param  Builder<Job>  $jobs
     * @return Builder<Job>
     */
    public static function with(Builder $jobs): Builder
    {
        return $jobs->addSelect(['parts_come' => Order::query()->join('order_lines', 'order_lines.order_id', '=', 'orders.id')->whereColumn('orders.job_id', 'jobs.id')->whereColumn('order_lines.received', '<', 'order_lines.quantity')
            ->selectRaw('max((orders.created_at + make_interval(days => coalesce(orders.days, 1)))::date)')]);
    }

    /** The day as YYYY-MM-DD, null when nothing is on its way; what is late is due tomorrow. The job was read by `with`. */
    public static function on(Job $job): ?string
    {
        return $job->parts_come === null ? null : max(Carbon::tomorrow()->format('Y-m-d'), $job->parts_come);
    }
}
