<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What outlives a job: additions after its signature, sets and how long they last, what falls due, meters, the bench day. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('addenda', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('author_id')->constrained('users');
            $table->text('text');
            $table->timestampTz('made_at', 3);
            $table->index(['job_id', 'made_at']);
        });
        Schema::create('meter_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('machine_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->decimal('amount', 10, 1);
            $table->string('unit', 2);
            $table->date('read_on');
            $table->index(['machine_id', 'unit', 'read_on', 'id']);
        });
        Schema::create('fitted_sets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('machine_id')->constrained();
            $table->foreignId('job_id')->unique()->constrained();
            $table->string('wheel', 80);
            $table->string('pattern', 40);
            $table->string('bearings', 200);
            $table->date('fitted_on');
            $table->decimal('meter', 10, 1)->nullable();
            $table->string('meter_unit', 2)->nullable();
            // When the next set took its place, and how long it had lasted by then.
            $table->date('ended_on')->nullable();
            $table->unsignedInteger('lasted_days')->nullable();
            $table->decimal('lasted_meter', 10, 1)->nullable();
            $table->index(['machine_id', 'wheel', 'fitted_on']);
            $table->index(['shop_id', 'pattern', 'lasted_days']);
        });
        Schema::create('due_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('machine_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->string('kind', 12);
            $table->string('wheel', 80);
            $table->string('what', 500);
            $table->date('due_on')->nullable();
            $table->decimal('due_meter', 10, 1)->nullable();
            $table->string('meter_unit', 2)->nullable();
            // On how many sets of this shop a day of this kind rests.
            $table->unsignedInteger('rests_on')->nullable();
            $table->timestampTz('settled_at')->nullable();
            $table->foreignId('settled_by')->nullable()->constrained('users');
            $table->timestamps();
            $table->index(['machine_id', 'settled_at']);
        });
        Schema::table('shops', static fn (Blueprint $table) => $table->string('calendar_key', 64)->nullable()->unique());
        Schema::table('jobs', function (Blueprint $table): void {
            $table->jsonb('origin')->nullable();
            $table->unsignedSmallInteger('bench_place')->nullable();
        });
        // What is still to come, in its order: the rest is history.
        DB::unprepared('CREATE INDEX due_items_to_come ON due_items (shop_id, due_on, id) WHERE settled_at IS NULL');
        DB::unprepared('CREATE INDEX jobs_on_bench ON jobs (shop_id, bench_place) WHERE bench_place IS NOT NULL');
        DB::unprepared(
            'CREATE TRIGGER addenda_append_only BEFORE UPDATE OR DELETE ON addenda FOR EACH ROW EXECUTE FUNCTION refuse_change()',
        );
    }

    public function down(): void
    {
        Schema::table('jobs', static fn (Blueprint $table) => $table->dropColumn(['origin', 'bench_place']));
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn('calendar_key'));
        foreach (['due_items', 'fitted_sets', 'meter_readings', 'addenda'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
