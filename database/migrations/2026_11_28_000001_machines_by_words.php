<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** What a machine is found by, in one column, with an index for a few letters in the middle of a word. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            "alter table machines add column words text generated always as (lower(name || ' ' || coalesce(model, '') || ' ' || "
                ."coalesce(owner, ''))) stored",
        );
        try {
            DB::transaction(static function (): void {
                DB::statement('create extension if not exists pg_trgm');
                DB::statement('create index machines_words on machines using gin (words gin_trgm_ops)');
            });
        } catch (QueryException) {
            // A server that does not lend the extension finds all the same, only slower with many machines.
        }
    }

    public function down(): void
    {
        DB::statement('drop index if exists machines_words');
        DB::statement('alter table machines drop column words');
    }
};
