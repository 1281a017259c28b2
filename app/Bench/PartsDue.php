<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Order;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** When the parts that are ordered for jobs come. */
final readonly class PartsDue
{
    /**
     * The day on which the last of what is ordered comes, for jobs that wait beyond today; late ones are due tomorrow.
     *
     * @param  Collection<int, Job>  $jobs
     * @return array<int, string> YYYY-MM-DD by job
     */
    public static function of(Collection $jobs): array
    {
        if ($jobs->isEmpty()) {
            return [];
        }
        $tomorrow = Carbon::tomorrow()->format('Y-m-d');
        $open = Order::query()->join('order_lines', 'order_lines.order_id', '=', 'orders.id')->whereIn('orders.job_id', $jobs->modelKeys())->whereColumn('order_lines.received', '<', 'order_lines.quantity')
            ->groupBy('orders.job_id')->toBase()->selectRaw('orders.job_id, max((orders.created_at + make_interval(days => coalesce(orders.days, 1)))::date) as comes_on')->get();
        $due = [];
        foreach ($open as $row) {
            $due[(int) $row->job_id] = max($tomorrow, (string) $row->comes_on);
        }

        return $due;
    }
}
