<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** One bench, several hands: the tablet that stands there, and the short code by which a person takes over at it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tablets', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name', 60);
            // Of the key that the browser keeps in a cookie.
            $table->string('key_hash', 64);
            $table->foreignId('enrolled_by')->constrained('users');
            $table->timestampTz('ended_at')->nullable();
            $table->timestamps();
            $table->index(['shop_id', 'id']);
        });
        Schema::table('users', static fn (Blueprint $table) => $table->string('bench_code')->nullable());
        // Null: never by itself.
        Schema::table('shops', static fn (Blueprint $table) => $table->unsignedSmallInteger('lock_minutes')->nullable());
    }

    public function down(): void
    {
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn('lock_minutes'));
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn('bench_code'));
        Schema::drop('tablets');
    }
};
