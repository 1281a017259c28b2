<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tools that are no drivers hang on the wall as well; a shop has its habits. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tools', function (Blueprint $table): void {
            $table->decimal('outside_mm', 8, 3)->nullable()->change();
            $table->decimal('length_mm', 8, 3)->nullable()->change();
            $table->decimal('across_mm', 8, 3)->nullable();
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->jsonb('habits')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn('habits'));
        Schema::table('tools', static fn (Blueprint $table) => $table->dropColumn('across_mm'));
    }
};
