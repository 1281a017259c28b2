<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A shop that people begin themselves, the people of it who come and go, and what the owner can read afterwards. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            $table->string('place', 120)->default('');
            $table->string('time_zone', 60)->default('UTC');
            $table->string('units', 2)->default('mm');
            $table->string('paper', 8)->default('a4');
            // One person without roles; prices are shown when they are wanted.
            $table->boolean('alone')->default(false);
            $table->boolean('prices')->default(true);
            // Made up, to be looked at: only such data may be thrown away by --fresh.
            $table->boolean('demo')->default(false);
        });
        DB::statement('update shops set demo = exists (select 1 from users where users.shop_id = shops.id and email = ?)', [
            'tove@ferryworks.example',
        ]);
        Schema::table('users', static function (Blueprint $table): void {
            // Null until they chose a password of their own.
            $table->timestampTz('joined_at')->nullable();
            $table->timestampTz('left_at')->nullable();
            // A session holds the mark that stood here when it began; another mark ends it.
            $table->string('session_mark', 20)->default('');
        });
        DB::statement('update users set joined_at = created_at');
        Schema::create('password_reset_tokens', static function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('log_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('by_id')->nullable()->constrained('users');
            $table->foreignId('about_id')->nullable()->constrained('users');
            $table->string('what', 24);
            $table->string('detail', 200)->default('');
            $table->string('address', 45)->default('');
            $table->timestampTz('at', 3);
            $table->index(['shop_id', 'id']);
        });
        DB::unprepared(<<<'SQL'
        CREATE TRIGGER log_lines_append_only BEFORE UPDATE OR DELETE ON log_lines FOR EACH ROW EXECUTE FUNCTION refuse_change()
        SQL);
    }

    public function down(): void
    {
        Schema::drop('log_lines');
        Schema::drop('password_reset_tokens');
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn(['joined_at', 'left_at', 'session_mark']));
        Schema::table(
            'shops',
            static fn (Blueprint $table) => $table->dropColumn(['place', 'time_zone', 'units', 'paper', 'alone', 'prices', 'demo']),
        );
    }
};
