<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a job waits for decides where it stands on the board: stopped first, then what waits for somebody's word, then the rest. */
return new class() extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
        alter table jobs add urgency smallint generated always as (case
            when jsonb_path_exists(standing, '$.stations.* ? (@ == "stop")') then 2
            when standing ->> 'asked' is not null then 1
            else 0 end) stored
        SQL);
        DB::statement(<<<'SQL'
        create index jobs_open_first on jobs (shop_id, urgency desc, id desc) where signed_at is null and dropped_at is null
        SQL);
    }

    public function down(): void
    {
        DB::statement('alter table jobs drop column urgency');
    }
};
