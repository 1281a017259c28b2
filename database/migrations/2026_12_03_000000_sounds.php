<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Recordings of spun wheels. What was recorded is kept as photos are: added to open jobs only, never changed, and taken away by a
 * function of the owner of the table. A record names its recording by id and salted digest. What a recording tells follows from
 * it and from what is known of the bearing: it is worked out anew whenever that changes, and losing it costs time only.
 */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::create('recordings', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('author_id')->constrained('users');
            $table->unsignedInteger('rate');
            $table->decimal('seconds', 6, 2);
            $table->string('digest', 64);
            $table->binary('salt')->nullable();
            $table->binary('wav')->nullable();
            $table->timestampTz('erased_at')->nullable();
            $table->foreignId('erased_by')->nullable()->constrained('users');
            $table->timestampTz('created_at');
            $table->index('job_id');
        });
        Schema::create('hearings', static function (Blueprint $table): void {
            $table->foreignUuid('recording_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->string('asked', 64);
            $table->jsonb('heard')->nullable();
            $table->string('fault', 500)->nullable();
            $table->timestampTz('heard_at');
            $table->index('job_id');
        });
        DB::unprepared(<<<'SQL'
        create trigger a_recordings_before_signing before insert on recordings for each row execute function refuse_when_signed();
        create trigger recordings_go_before_signing before delete on recordings for each row execute function refuse_unless_owner();
        create trigger recordings_erased before update on recordings for each row execute function refuse_unless_owner();
        create trigger recordings_never_emptied before truncate on recordings for each statement execute function refuse_change();

        -- What stands in the records, with the words beside them, and what their recordings tell.
        create or replace view entries as
            select r.id, r.seq, r.shop_id, r.job_id, r.author_id, r.place,
                case when w.record_id is not null then r.value - 'digest' || jsonb_build_object('text',
                        coalesce(w.text, 'Erased on ' || to_char(w.erased_at at time zone 'UTC', 'YYYY-MM-DD')))
                    when jsonb_exists(r.value, 'recording') then r.value || coalesce(
                        (select jsonb_build_object('fault', h.fault, 'heard', h.heard - 'picture' - 'verdict'
                            || jsonb_build_object('headline', h.heard #> '{verdict,headline}')) from hearings h
                            where h.recording_id = (r.value ->> 'recording')::uuid), '{}'::jsonb)
                    else r.value end as value,
                r.instrument, r.made_at, r.received_at
            from records r left join kept_words w on w.record_id = r.id and jsonb_exists(r.value, 'digest');

        create or replace function remove_recording(recording uuid, by bigint) returns boolean
            language plpgsql security definer set search_path = public, pg_temp as $$
        declare
            one recordings%rowtype;
        begin
            select recordings.* into one from recordings join users on users.id = by and users.shop_id = recordings.shop_id
                and users.left_at is null and users.role in ('owner', 'mechanic', 'apprentice')
                where recordings.id = recording;
            if not found then
                return false;
            end if;
            delete from recordings where id = recording;
            insert into log_lines (shop_id, by_id, what, detail, at)
                select one.shop_id, by, 'recording_removed', 'job ' || number, now() from jobs where id = one.job_id;
            return true;
        end $$;

        -- A voice may be on a recording: what is erased of a customer is that, too. Its digest stays.
        create or replace function erase_customer(machine bigint, by bigint) returns integer
            language plpgsql security definer set search_path = public, pg_temp as $$
        declare
            shop bigint;
            erased integer;
            sounds integer;
        begin
            select machines.shop_id into shop from machines join users on users.id = by and users.shop_id = machines.shop_id
                and users.left_at is null and users.role = 'owner'
                where machines.id = machine;
            if not found then
                return null;
            end if;
            update kept_words set text = null, salt = null, erased_at = now(), erased_by = by
                where text is not null and job_id in (select id from jobs where machine_id = machine);
            get diagnostics erased = row_count;
            update recordings set wav = null, salt = null, erased_at = now(), erased_by = by
                where wav is not null and job_id in (select id from jobs where machine_id = machine);
            get diagnostics sounds = row_count;
            erased := erased + sounds;
            update machines set owner = '' where id = machine;
            delete from job_reports where job_id in (select id from jobs where machine_id = machine);
            insert into log_lines (shop_id, by_id, what, detail, at)
                values (shop, by, 'customer_erased', 'machine ' || machine || ', ' || erased || ' entries', now());
            return erased;
        end $$;
        revoke execute on function remove_recording(uuid, bigint), erase_customer(bigint, bigint) from public;
        SQL);
    }

    public function down(): void
    {
        throw new LogicException('Recordings are not let go: restore the copy made before.');
    }
};
