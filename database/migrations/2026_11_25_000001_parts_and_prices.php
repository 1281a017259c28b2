<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->string('currency', 8)->default('€');
            $table->unsignedInteger('hour_minor')->default(5400);
            $table->unsignedInteger('last_order_number')->default(0);
        });
        Schema::create('suppliers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name', 80);
            $table->unsignedInteger('carriage_minor')->default(0);
            // Days when an article is in stock, and when it is not; null when nobody knows.
            $table->unsignedSmallInteger('days')->default(1);
            $table->unsignedSmallInteger('restock_days')->nullable();
            $table->timestampTz('priced_at')->nullable();
            $table->timestamps();
            $table->index(['shop_id', 'name', 'id']);
        });
        Schema::create('listed_prices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('supplier_id')->constrained()->cascadeOnDelete();
            $table->string('article', 80);
            $table->string('description', 200);
            $table->string('key', 120)->nullable();
            $table->unsignedInteger('price_minor');
            $table->unsignedSmallInteger('pack')->default(1);
            $table->unsignedInteger('stock')->nullable();
            $table->unsignedSmallInteger('days')->nullable();
            $table->index(['shop_id', 'key']);
            $table->index(['supplier_id', 'id']);
        });
        Schema::create('shelf_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('article', 120);
            $table->string('key', 120)->nullable();
            $table->unsignedInteger('count');
            $table->timestamps();
            $table->index(['shop_id', 'key']);
            $table->index(['shop_id', 'article', 'id']);
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('supplier_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('author_id')->constrained('users');
            $table->unsignedInteger('number');
            $table->unsignedInteger('carriage_minor');
            $table->unsignedSmallInteger('days')->nullable();
            $table->timestamps();
            $table->unique(['shop_id', 'number']);
            $table->index(['shop_id', 'id']);
            $table->index(['job_id', 'id']);
        });
        Schema::create('order_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('what', 200);
            $table->string('article', 80);
            $table->string('ask_for', 200);
            $table->string('key', 120)->nullable();
            $table->unsignedInteger('quantity');
            $table->unsignedInteger('price_minor');
            $table->unsignedInteger('received')->default(0);
            $table->index(['order_id', 'id']);
        });
    }

    public function down(): void
    {
        foreach (['order_lines', 'orders', 'shelf_items', 'listed_prices', 'suppliers'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn(['currency', 'hour_minor', 'last_order_number']));
    }
};
