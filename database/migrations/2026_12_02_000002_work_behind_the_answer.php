<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What takes longer than an answer may is done behind it: errands of people, and pressings that a gauge sends. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::create('queue_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->text('payload');
            $table->unsignedSmallInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('errands', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('by_id')->constrained('users');
            $table->string('kind', 24);
            $table->string('state', 12);
            // What it is done with; gone when it is done.
            $table->binary('given')->nullable();
            $table->jsonb('how')->default('{}');
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('of')->default(0);
            $table->jsonb('answer')->nullable();
            $table->jsonb('problem')->nullable();
            $table->timestampTz('asked_at', 3);
            $table->timestampTz('ended_at', 3)->nullable();
            $table->index(['shop_id', 'by_id', 'asked_at']);
        });
        Schema::create('pressings', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('by_id')->constrained('users');
            $table->string('seat', 60);
            $table->string('state', 12);
            // What the gauge is told, what was reckoned before, what came, and what it shows.
            $table->jsonb('begin');
            $table->jsonb('setup');
            $table->jsonb('samples')->default('[]');
            $table->unsignedInteger('count')->default(0);
            $table->jsonb('result')->nullable();
            $table->boolean('stop')->default(false);
            $table->timestampTz('asked_at', 3);
            $table->timestampTz('heard_at', 3)->nullable();
            $table->index(['job_id', 'seat', 'asked_at']);
            $table->index('state');
        });
    }

    public function down(): void
    {
        foreach (['pressings', 'errands', 'queue_jobs'] as $table) {
            Schema::drop($table);
        }
    }
};
