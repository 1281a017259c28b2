<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shops', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->unsignedInteger('press_capacity_n')->nullable();
            $table->string('draw_bolt', 8)->default('M12');
            $table->unsignedInteger('last_job_number')->default(0);
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role', 16);
            $table->string('units', 2)->default('mm');
            $table->string('theme', 8)->default('light');
            $table->rememberToken();
            $table->timestamps();
            $table->index('shop_id');
        });
        Schema::create('machines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name');
            $table->string('model')->default('');
            $table->string('owner')->default('');
            $table->timestamps();
            $table->index(['shop_id', 'name', 'id']);
        });
        Schema::create('tools', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name');
            $table->string('kind', 24);
            $table->decimal('outside_mm', 8, 3);
            $table->decimal('opening_mm', 8, 3)->nullable();
            $table->decimal('length_mm', 8, 3);
            $table->timestamps();
            $table->index(['shop_id', 'id']);
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('machine_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('wheel', 80);
            $table->string('pattern', 40);
            $table->foreignId('opened_by')->constrained('users');
            // Where each station is, kept beside the records for the board; worked out again at each entry.
            $table->jsonb('standing');
            $table->timestamp('signed_at')->nullable();
            $table->foreignId('signed_by')->nullable()->constrained('users');
            $table->timestamps();
            $table->unique(['shop_id', 'number']);
            $table->index(['shop_id', 'signed_at', 'id']);
            $table->index(['machine_id', 'wheel', 'id']);
        });
        Schema::create('records', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->bigInteger('seq')->generatedAs()->always();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('author_id')->constrained('users');
            $table->string('place', 80);
            $table->jsonb('value')->nullable();
            $table->string('instrument', 24)->nullable();
            $table->timestampTz('made_at', 3);
            $table->timestampTz('received_at', 3);
            $table->index(['job_id', 'place', 'seq']);
            $table->index(['job_id', 'seq']);
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('author_id')->constrained('users');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->binary('jpeg');
            $table->timestamps();
            $table->index(['job_id', 'id']);
        });
        Schema::create('sign_offs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('job_id')->unique()->constrained();
            $table->foreignId('author_id')->constrained('users');
            $table->jsonb('card');
            $table->timestampTz('signed_at', 3);
        });

        // Records and signatures are never changed and never deleted: the database itself refuses.
        DB::unprepared(
            <<<'SQL'
                CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN
                    RAISE EXCEPTION '% is append-only', TG_TABLE_NAME;
                END $$;
                CREATE TRIGGER records_append_only BEFORE UPDATE OR DELETE ON records FOR EACH ROW EXECUTE FUNCTION refuse_change();
                CREATE TRIGGER sign_offs_append_only BEFORE UPDATE OR DELETE ON sign_offs FOR EACH ROW EXECUTE FUNCTION refuse_change();
            SQL
            ,
        );
    }

    public function down(): void
    {
        foreach (['sign_offs', 'photos', 'records', 'jobs', 'tools', 'machines', 'users', 'shops'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::unprepared('DROP FUNCTION IF EXISTS refuse_change()');
    }
};
