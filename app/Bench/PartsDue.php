<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Order;
use Illuminate\Support\Carbon;

/** When the parts that are ordered for a job come. */
final readonly class PartsDue
{
    /** Notes at the job the day on which the last of what is ordered for it comes: whenever something is ordered or booked in. */
    public static function note(int $job): void
    {
        $last = Order::query()
            ->where('job_id', $job)
            ->join('order_lines', 'order_lines.order_id', '=', 'orders.id')
            ->whereColumn('order_lines.received', '<', 'order_lines.quantity')
            ->toBase()
            ->selectRaw('max((orders.created_at + make_interval(days => coalesce(orders.days, 1)))::date) as day')
            ->value('day');
        Job::query()
            ->whereKey($job)
            ->toBase()
            ->update(['parts_on' => $last]);
    }

    /**
     * What is late is due tomorrow.
     *
     * @param  ?string  $noted as YYYY-MM-DD, null when nothing is on its way
     * @return ?string as YYYY-MM-DD
     */
    public static function expected(?string $noted): ?string
    {
        return $noted === null ? null : max(Carbon::tomorrow()->format('Y-m-d'), $noted);
    }
}
