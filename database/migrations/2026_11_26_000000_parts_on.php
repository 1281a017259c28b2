<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** When the parts of a job come, kept beside it for the board: noted again whenever something is ordered or booked in. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', static fn (Blueprint $table) => $table->date('parts_on')->nullable());
        DB::statement('update jobs set parts_on = (
            select max((orders.created_at + make_interval(days => coalesce(orders.days, 1)))::date)
            from orders join order_lines on order_lines.order_id = orders.id
            where orders.job_id = jobs.id and order_lines.received < order_lines.quantity)');
    }

    public function down(): void
    {
        Schema::table('jobs', static fn (Blueprint $table) => $table->dropColumn('parts_on'));
    }
};
