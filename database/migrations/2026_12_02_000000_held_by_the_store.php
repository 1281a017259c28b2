<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What was kept is held by the database itself: nothing that was written once is changed, emptied or added to after the
 * signature, whoever asks for it. Each record is chained to the one before it. A customer's words lie beside the records,
 * which hold a salted digest of them, so that they can be erased and the chain still be checked.
 */
return new class() extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
        -- What is chained of a record, over the chain of the one before it.
        create or replace function chained(before bytea, id uuid, author bigint, place text, value jsonb, instrument text,
            made_at timestamptz, received_at timestamptz) returns bytea language sql immutable set search_path = pg_catalog as $$
            select sha256(coalesce(before, ''::bytea) || convert_to(json_build_array(id, author, place, value, instrument,
                extract(epoch from made_at), extract(epoch from received_at))::text, 'UTF8'))
        $$;
        create or replace function digested(salt bytea, text text) returns text language sql immutable set search_path = pg_catalog as $$
            select encode(sha256(salt || convert_to(text, 'UTF8')), 'hex')
        $$;

        create table kept_words (
            record_id uuid primary key references records,
            shop_id bigint not null references shops,
            job_id bigint not null references jobs,
            text text,
            salt bytea,
            erased_at timestamptz(3),
            erased_by bigint references users,
            check ((text is null) = (salt is null) and (text is null) = (erased_at is not null))
        );
        create index on kept_words (job_id);
        create index on kept_words (shop_id);

        alter table records disable trigger records_append_only;
        alter table sign_offs disable trigger sign_offs_append_only;
        alter table records add chain bytea;
        alter table sign_offs add chain bytea;

        with said as (
            select id, shop_id, job_id, value ->> 'text' as text,
                sha256(uuid_send(gen_random_uuid()) || uuid_send(gen_random_uuid())) as salt
            from records
            where (place = 'check.complaint' or place like 'source.customer.%') and jsonb_typeof(value -> 'text') = 'string'
        ), kept as (
            insert into kept_words (record_id, shop_id, job_id, text, salt) select id, shop_id, job_id, text, salt from said
        )
        update records set value = value - 'text' || jsonb_build_object('digest', digested(said.salt, said.text))
        from said where said.id = records.id;

        do $$
        declare
            one record;
            job bigint;
            head bytea;
        begin
            for one in select * from records order by job_id, seq loop
                if job is distinct from one.job_id then
                    job := one.job_id;
                    head := null;
                end if;
                head := chained(head, one.id, one.author_id, one.place, one.value, one.instrument, one.made_at, one.received_at);
                update records set chain = head where id = one.id;
            end loop;
        end $$;
        -- Whose signature it is stands beside it; a name is the person's, wherever it is read.
        update sign_offs set card = card - 'signed_by';
        update sign_offs set chain = (
            select chain from records where records.job_id = sign_offs.job_id order by seq desc limit 1);
        alter table records alter chain set not null;
        alter table records enable trigger records_append_only;
        alter table sign_offs enable trigger sign_offs_append_only;

        -- What stands in the records, with the words beside them.
        create view entries as
            select r.id, r.seq, r.shop_id, r.job_id, r.author_id, r.place,
                case when w.record_id is null then r.value
                    else r.value - 'digest' || jsonb_build_object('text',
                        coalesce(w.text, 'Erased on ' || to_char(w.erased_at at time zone 'UTC', 'YYYY-MM-DD'))) end as value,
                r.instrument, r.made_at, r.received_at
            from records r left join kept_words w on w.record_id = r.id and jsonb_exists(r.value, 'digest');
        SQL);
        DB::unprepared(<<<'SQL'
        -- Nothing is added to a job once it is signed, nor to one of another shop. Whoever signs at the same time is waited for.
        create or replace function refuse_when_signed() returns trigger language plpgsql set search_path = public, pg_temp as $$
        begin
            perform from jobs where id = new.job_id and shop_id = new.shop_id and signed_at is null for no key update;
            if not found then
                raise exception '% takes nothing more for a job that is signed', tg_table_name using errcode = 'check_violation';
            end if;
            return new;
        end $$;
        create trigger a_photos_before_signing before insert on photos for each row execute function refuse_when_signed();
        create trigger a_traces_before_signing before insert on press_traces for each row execute function refuse_when_signed();
        create trigger a_records_before_signing before insert on records for each row execute function refuse_when_signed();

        -- Under the lock of the job, which is held by now: the order of the chain is the order of arrival.
        create or replace function chain_record() returns trigger language plpgsql set search_path = public, pg_temp as $$
        begin
            new.seq := nextval(pg_get_serial_sequence('records', 'seq'));
            new.chain := chained((select chain from records where job_id = new.job_id order by seq desc limit 1),
                new.id, new.author_id, new.place, new.value, new.instrument, new.made_at, new.received_at);
            return new;
        end $$;
        create trigger b_records_chained before insert on records for each row execute function chain_record();

        create or replace function chain_signature() returns trigger language plpgsql set search_path = public, pg_temp as $$
        begin
            new.chain := (select chain from records where job_id = new.job_id order by seq desc limit 1);
            return new;
        end $$;
        create trigger b_sign_offs_chained before insert on sign_offs for each row execute function chain_signature();

        create or replace function words_of_record() returns trigger language plpgsql set search_path = public, pg_temp as $$
        begin
            perform from records where id = new.record_id and job_id = new.job_id and shop_id = new.shop_id
                and value ->> 'digest' = digested(new.salt, new.text);
            if not found then
                raise exception 'these are not the words of that record' using errcode = 'check_violation';
            end if;
            return new;
        end $$;
        create trigger kept_words_of_record before insert on kept_words for each row execute function words_of_record();

        -- Who signed, when, and under what: only with a signature beside it, and only once.
        create or replace function hold_signature() returns trigger language plpgsql set search_path = public, pg_temp as $$
        begin
            if tg_op = 'DELETE' then
                raise exception 'jobs are never deleted' using errcode = 'check_violation';
            end if;
            if tg_op = 'UPDATE' and old.signed_at is not null
                and (new.signed_at, new.signed_by, new.machine_id, new.number, new.wheel, new.pattern, new.opened_by, new.created_at)
                    is distinct from (old.signed_at, old.signed_by, old.machine_id, old.number, old.wheel, old.pattern, old.opened_by,
                    old.created_at)
            then
                raise exception 'job % is signed', old.id using errcode = 'check_violation';
            end if;
            if tg_op = 'UPDATE' and (new.shop_id <> old.shop_id or old.origin is not null and new.origin is distinct from old.origin
                and current_user <> (select pg_get_userbyid(relowner) from pg_class where oid = tg_relid))
            then
                raise exception 'where job % came from is kept', old.id using errcode = 'check_violation';
            end if;
            if new.signed_at is not null and (tg_op = 'INSERT' or old.signed_at is null) then
                -- Here the second is kept, there the thousandth: the two may lie on either side of one.
                perform from sign_offs where job_id = new.id and author_id = new.signed_by
                    and abs(extract(epoch from (signed_at at time zone 'UTC') - new.signed_at)) <= 1;
                if not found then
                    raise exception 'job % is signed by nobody', new.id using errcode = 'check_violation';
                end if;
            end if;
            return new;
        end $$;
        create trigger jobs_hold_signature before insert or update on jobs for each row execute function hold_signature();
        create trigger jobs_are_kept before delete on jobs for each row execute function hold_signature();

        -- A photo goes before the signature by remove_photo(), words by erase_customer(): by the owner of the table, or not at all.
        create or replace function refuse_unless_owner() returns trigger language plpgsql set search_path = public, pg_temp as $$
        begin
            if current_user <> (select pg_get_userbyid(relowner) from pg_class where oid = tg_relid) then
                raise exception '% is append-only', tg_table_name;
            end if;
            if tg_op = 'DELETE' then
                perform from jobs where id = old.job_id and signed_at is null for no key update;
                if not found then
                    raise exception '% of a signed job are kept', tg_table_name using errcode = 'check_violation';
                end if;
                return old;
            end if;
            return new;
        end $$;
        create trigger photos_go_before_signing before delete on photos for each row execute function refuse_unless_owner();
        create trigger photos_append_only before update on photos for each row execute function refuse_change();
        create trigger kept_words_erased before update on kept_words for each row execute function refuse_unless_owner();
        create trigger kept_words_append_only before delete on kept_words for each row execute function refuse_change();
        SQL);
        // What may go goes by these, in the name of the owner of the tables, each with its own look at the shop and the right.
        DB::unprepared(<<<'SQL'
        create or replace function remove_photo(photo uuid, by bigint) returns boolean
            language plpgsql security definer set search_path = public, pg_temp as $$
        declare
            one photos%rowtype;
        begin
            select photos.* into one from photos join users on users.id = by and users.shop_id = photos.shop_id
                and users.left_at is null and users.role in ('owner', 'mechanic', 'apprentice')
                where photos.id = photo;
            if not found then
                return false;
            end if;
            delete from photos where id = photo;
            insert into log_lines (shop_id, by_id, what, detail, at)
                select one.shop_id, by, 'photo_removed', 'job ' || number, now() from jobs where id = one.job_id;
            return true;
        end $$;

        create or replace function erase_customer(machine bigint, by bigint) returns integer
            language plpgsql security definer set search_path = public, pg_temp as $$
        declare
            shop bigint;
            erased integer;
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
            update machines set owner = '' where id = machine;
            delete from job_reports where job_id in (select id from jobs where machine_id = machine);
            insert into log_lines (shop_id, by_id, what, detail, at)
                values (shop, by, 'customer_erased', 'machine ' || machine || ', ' || erased || ' entries', now());
            return erased;
        end $$;

        create or replace function erase_person(person bigint, by bigint) returns boolean
            language plpgsql security definer set search_path = public, pg_temp as $$
        declare
            shop bigint;
        begin
            select gone.shop_id into shop from users gone join users on users.id = by and users.shop_id = gone.shop_id
                and users.left_at is null and users.role = 'owner'
                where gone.id = person and gone.left_at is not null;
            if not found then
                return false;
            end if;
            update users set name = 'Person ' || id, email = 'erased-' || id || '@invalid', password = '', remember_token = null,
                time_code_secret = null, time_code_since = null, recovery_codes = '[]', bench_code = null, session_mark = ''
                where id = person;
            insert into log_lines (shop_id, by_id, about_id, what, detail, at)
                values (shop, by, person, 'person_erased', '', now());
            return true;
        end $$;
        revoke execute on function remove_photo(uuid, bigint), erase_customer(bigint, bigint), erase_person(bigint, bigint) from public;
        SQL);
        foreach (['addenda', 'jobs', 'kept_words', 'log_lines', 'photos', 'press_traces', 'records', 'sign_offs'] as $table) {
            DB::statement("create trigger {$table}_never_emptied before truncate on $table
                for each statement execute function refuse_change()");
        }
    }

    public function down(): void
    {
        throw new LogicException('What is held by the store is not let go: restore the copy made before.');
    }
};
