<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What lists show of a job is kept beside it: when its parts come, noted again whenever something is ordered or booked in;
 * and in its standing what was fitted and carried forward, noted again at each entry.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', static fn (Blueprint $table) => $table->date('parts_on')->nullable());
        DB::statement('update jobs set parts_on = (
            select max((orders.created_at + make_interval(days => coalesce(orders.days, 1)))::date)
            from orders join order_lines on order_lines.order_id = orders.id
            where orders.job_id = jobs.id and order_lines.received < order_lines.quantity)');
        DB::statement("update jobs set standing = standing || (
            select jsonb_build_object(
                'fitted', coalesce(jsonb_agg(text order by place) filter (where place like 'source.%' and text <> ''), '[]'),
                'carried', max(text) filter (where place = 'prove.carry'),
                'look_again', max(text) filter (where place = 'prove.carry_when'))
            from (select distinct on (place) place, value ->> 'text' as text from records
                where records.job_id = jobs.id and place in ('source.left.number', 'source.right.number', 'prove.carry', 'prove.carry_when')
                order by place, seq desc) latest)");
    }

    public function down(): void
    {
        Schema::table('jobs', static fn (Blueprint $table) => $table->dropColumn('parts_on'));
    }
};
