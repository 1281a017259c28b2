<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which instrument a caliper or gauge is, so that its own half-width goes with what is read by it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tools', static fn (Blueprint $table) => $table->string('reads', 24)->nullable());
    }

    public function down(): void
    {
        Schema::table('tools', static fn (Blueprint $table) => $table->dropColumn('reads'));
    }
};
