<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What falls due is said by the program or by people; what the program says is kept as a message, for whatever language. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('due_items', static fn (Blueprint $table) => $table->jsonb('words')->nullable());
    }

    public function down(): void
    {
        Schema::table('due_items', static fn (Blueprint $table) => $table->dropColumn('words'));
    }
};
