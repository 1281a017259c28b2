<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A shop signs the job files it gives out with a key of its own, and knows the keys of others that its owner compared. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::create('shop_keys', static function (Blueprint $table): void {
            $table->foreignId('shop_id')->primary()->constrained();
            $table->string('public_key', 44);
            // Encrypted.
            $table->text('secret');
            $table->timestampTz('made_at', 3);
        });
        Schema::create('accepted_keys', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('public_key', 44);
            $table->string('name', 120);
            $table->foreignId('accepted_by')->constrained('users');
            $table->timestampTz('accepted_at', 3);
            $table->timestampTz('revoked_at', 3)->nullable();
            $table->index(['shop_id', 'public_key']);
        });
    }

    public function down(): void
    {
        Schema::drop('accepted_keys');
        Schema::drop('shop_keys');
    }
};
