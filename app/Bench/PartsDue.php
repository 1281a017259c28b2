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
        $due = [];
        $tomorrow = Carbon::tomorrow()->format('Y-m-d');
        $open = Order::query()->whereIn('job_id', $jobs->modelKeys())->whereHas('lines', static fn ($q) => $q->whereColumn('received', '<', 'quantity'))->get(['id', 'job_id', 'days', 'created_at']);
        foreach ($open as $order) {
            $due[$order->job_id] = max($tomorrow, $order->created_at->copy()->addDays($order->days ?? 1)->format('Y-m-d'), $due[$order->job_id] ?? '');
        }

        return $due;
    }
}
