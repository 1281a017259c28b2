<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A job may be closed without a signature, with a reason; and what was wrong when it was opened is put right, the old kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->timestampTz('dropped_at', 3)->nullable();
            $table->foreignId('dropped_by')->nullable()->constrained('users');
            $table->string('dropped_for', 400)->nullable();
            $table->jsonb('put_right')->default('[]');
        });
        DB::statement(<<<'SQL'
        alter table jobs
            add constraint jobs_dropped_whole check (
                (dropped_at is null) = (dropped_by is null) and (dropped_at is null) = (dropped_for is null)),
            add constraint jobs_signed_or_dropped check (signed_at is null or dropped_at is null)
        SQL);
        // The board lists what is open, newest first.
        DB::statement('create index jobs_open on jobs (shop_id, id desc) where signed_at is null and dropped_at is null');
    }

    public function down(): void
    {
        DB::statement('drop index jobs_open');
        DB::statement('alter table jobs drop constraint jobs_dropped_whole, drop constraint jobs_signed_or_dropped');
        Schema::table(
            'jobs',
            static fn (Blueprint $table) => $table->dropColumn(['dropped_at', 'dropped_by', 'dropped_for', 'put_right']),
        );
    }
};
