<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Presses, wrenches and gauges have sizes of their own; a press leaves a trace of each seating. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tools', function (Blueprint $table): void {
            $table->decimal('ram_mm', 8, 3)->nullable();
            $table->decimal('pitch_mm', 6, 3)->nullable();
            $table->unsignedInteger('capacity_n')->nullable();
            $table->decimal('torque_low_nm', 7, 2)->nullable();
            $table->decimal('torque_high_nm', 7, 2)->nullable();
            $table->decimal('plus_minus_mm', 6, 4)->nullable();
            $table->unsignedSmallInteger('count')->default(1);
        });
        Schema::create('press_traces', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('author_id')->constrained('users');
            $table->string('seat', 60);
            $table->string('source', 12);
            $table->jsonb('samples');
            $table->timestampTz('made_at', 3);
            $table->index(['job_id', 'seat', 'made_at']);
            $table->index('shop_id');
        });
        DB::unprepared(
            'CREATE TRIGGER press_traces_append_only BEFORE UPDATE OR DELETE ON press_traces FOR EACH ROW EXECUTE FUNCTION refuse_change()',
        );
    }

    public function down(): void
    {
        Schema::drop('press_traces');
        Schema::table(
            'tools',
            static fn (Blueprint $table) => $table->dropColumn([
                'ram_mm',
                'pitch_mm',
                'capacity_n',
                'torque_low_nm',
                'torque_high_nm',
                'plus_minus_mm',
                'count',
            ]),
        );
    }
};
