<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Access for devices and scripts, and a second proof at sign-in for who wants it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('personal_access_tokens', static function (Blueprint $table): void {
            $table->id();
            $table->morphs('tokenable');
            $table->string('name', 80);
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable()->index();
            $table->timestamps();
        });
        Schema::table('users', static function (Blueprint $table): void {
            // Encrypted; asked for at sign-in once it is confirmed.
            $table->text('time_code_secret')->nullable();
            $table->timestampTz('time_code_since')->nullable();
            // The last step whose code was taken: it is not taken twice.
            $table->bigInteger('time_code_step')->default(0);
            // Hashes of the codes that are left, for who lost the device.
            $table->jsonb('recovery_codes')->default('[]');
        });
    }

    public function down(): void
    {
        Schema::table(
            'users',
            static fn (Blueprint $table) => $table->dropColumn(['time_code_secret', 'time_code_since', 'time_code_step', 'recovery_codes']),
        );
        Schema::drop('personal_access_tokens');
    }
};
