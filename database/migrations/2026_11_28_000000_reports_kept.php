<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a job stands, worked out once and kept with a stamp of all that it was worked out from. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('job_reports', static function (Blueprint $table): void {
            $table->foreignId('job_id')->primary()->constrained()->cascadeOnDelete();
            $table->char('stamp', 32);
            $table->text('body');
        });
        Schema::table('jobs', static fn (Blueprint $table) => $table->index(['shop_id', 'pattern', 'signed_at']));
    }

    public function down(): void
    {
        Schema::table('jobs', static fn (Blueprint $table) => $table->dropIndex(['shop_id', 'pattern', 'signed_at']));
        Schema::drop('job_reports');
    }
};
