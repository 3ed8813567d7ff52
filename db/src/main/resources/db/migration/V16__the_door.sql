-- The door: how often it may be tried, and what is written down of it.

drop function sign_in_try(text, timestamptz);
drop function sign_in_succeeded(text);
alter table sign_in_failure drop constraint sign_in_failure_sign_in_name_check;
alter table sign_in_failure rename column sign_in_name to asked;
alter table sign_in_failure add check (length(asked) <= 160);
delete from sign_in_failure;
comment on table sign_in_failure is
    'Tries by name and address together, by address alone (begins with a space), and by name alone. No workshop: nobody is signed in yet.';

-- By name and address first, so that whoever tries a colleague's name does not lock the colleague out; an address that tries
-- many names is slowed as well; a name tried from everywhere only a little, since its owner is slowed too.
create function sign_in_try(asked_name text, source text, moment timestamptz) returns integer
    language plpgsql security definer set search_path = public, pg_temp
    as $$
declare
    counter record;
    known sign_in_failure;
    last timestamptz;
    over integer;
    wait integer := 0;
    now_tried jsonb := '{}';
begin
    delete from sign_in_failure where last_at < moment - interval '1 day';
    for counter in
        select * from (values (asked_name || ' ' || source, 3, 300, false), (' ' || source, 12, 300, true), (asked_name, 50, 30, true))
            as c (asked, free, longest, forgets) order by 1 -- all in one order: no two sign-ins wait for each other
    loop
        insert into sign_in_failure values (counter.asked, 0, moment) on conflict do nothing;
        select * into known from sign_in_failure f where f.asked = counter.asked for update;
        last := least(known.last_at, moment); -- a clock that was put back makes nobody wait longer than the wait itself
        if counter.forgets then -- a try a minute
            known.tries := greatest(0, known.tries - floor(extract(epoch from moment - last) / 60)::integer);
        end if;
        over := known.tries - counter.free;
        if over >= 0 then
            wait := greatest(wait, ceil(extract(epoch from last - moment) + least(counter.longest, power(2, least(over, 10) + 1)))::integer);
        end if;
        update sign_in_failure f set last_at = last where f.asked = counter.asked and f.last_at <> last;
        now_tried := now_tried || jsonb_build_object(counter.asked, known.tries + 1);
    end loop;
    if wait <= 0 then
        update sign_in_failure f set tries = (now_tried ->> f.asked)::integer, last_at = moment where now_tried ? f.asked;
    end if;
    return greatest(wait, 0);
end $$;
comment on function sign_in_try(text, text, timestamptz) is
    'Counts a try and returns 0, or the seconds still to wait: by name and address none for three tries, then 2, 4, 8 … up to 300.';

create function sign_in_succeeded(asked_name text, source text) returns void
    language sql security definer set search_path = public, pg_temp
    as $$ delete from sign_in_failure where asked in (asked_name || ' ' || source, asked_name);
          -- a right one does not count for its address, but makes up for no wrong one: an attacker may have an account as well
          update sign_in_failure set tries = greatest(0, tries - 1) where asked = ' ' || source $$;

create table security_event (
    id bigint generated always as identity primary key,
    at timestamptz not null,
    workshop_id uuid references workshop,
    person_id uuid,
    person_name text not null check (length(person_name) <= 100),
    kind text not null check (length(kind) between 1 and 40),
    address text not null check (length(address) <= 60),
    device text not null check (length(device) <= 100),
    details text not null check (length(details) <= 400)
);
comment on table security_event is 'Sign-ins, refusals, and changes of who may do what. Never a password, a token or a code.';
comment on column security_event.workshop_id is 'Null where a name was tried that nobody has.';
create index security_event_of_workshop on security_event (workshop_id, id desc);
create trigger security_event_append_only
    before update or delete or truncate on security_event
    for each statement execute function refuse_change();
alter table security_event enable row level security;
create policy wall on security_event for select to oldtallow_app using (workshop_id = wall());
grant select on security_event to oldtallow_app;

-- written before anybody's workshop is known as well, and for a workshop that is not the asker's by nobody
create function note_security(
    moment timestamptz, asked_name text, of_person uuid, what text, source text, on_device text, more text) returns void
    language sql security definer set search_path = public, pg_temp
    as $$ insert into security_event (at, workshop_id, person_id, person_name, kind, address, device, details)
          select moment, p.workshop_id, p.id, coalesce(p.name, asked_name), what, source, on_device, more
          from (select 1) as one
          left join person p on case when of_person is null then p.sign_in_name = asked_name else p.id = of_person end $$;
comment on function note_security(timestamptz, text, uuid, text, text, text, text) is
    'Of a person, by id, or where nobody has signed in by the name that was tried.';

revoke execute on function sign_in_try(text, text, timestamptz), sign_in_succeeded(text, text),
    note_security(timestamptz, text, uuid, text, text, text, text) from public;
grant execute on function sign_in_try(text, text, timestamptz), sign_in_succeeded(text, text),
    note_security(timestamptz, text, uuid, text, text, text, text) to oldtallow_app;

-- The trail tells that an address for mail or a calendar was changed, not to what: it is read by everybody in the workshop.
create or replace function audit_change() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
declare
    was jsonb := case when tg_op <> 'INSERT' then to_jsonb(old) end;
    is_now jsonb := case when tg_op <> 'DELETE' then to_jsonb(new) end;
    whole jsonb := coalesce(is_now, was);
    asker uuid := nullif(current_setting('oldtallow.person', true), '')::uuid;
    secret text;
begin
    -- neither secrets nor pictures are written down twice: that they changed is enough
    foreach secret in array array['password_hash', 'image', 'address', 'token_hash', 'code_hash', 'secret', 'recovery_hashes'] loop
        if was ? secret and is_now ? secret and was -> secret <> is_now -> secret then
            was := jsonb_set(was, array[secret], '"before"');
            is_now := jsonb_set(is_now, array[secret], '"changed"');
        else
            was := was - secret;
            is_now := is_now - secret;
        end if;
    end loop;
    if tg_op = 'UPDATE' then
        select jsonb_object_agg(b.key, b.value), jsonb_object_agg(b.key, is_now -> b.key)
            into was, is_now
            from jsonb_each(was) b
            where b.value is distinct from is_now -> b.key and b.key <> 'version';
        if was is null then
            return null;
        end if;
    end if;
    insert into audit_entry (workshop_id, person_id, person_name, action, record, record_id, before, after)
        values (
            coalesce((whole ->> 'workshop_id')::uuid, (whole ->> 'id')::uuid),
            asker,
            coalesce((select p.name from person p where p.id = asker), 'Old Tallow itself'),
            tg_op, tg_table_name, (whole ->> 'id')::uuid, was, is_now);
    return null;
end $$;
alter table audit_entry disable trigger user;
update audit_entry set before = before - 'address' - 'token_hash', after = after - 'address' - 'token_hash'
    where record in ('mail_reminder', 'calendar_feed');
alter table audit_entry enable trigger user;

-- The demo's people have a password everybody knows: they sign in on this machine alone, and only while the demo is on.
alter table workshop add column demo boolean not null default false;
update workshop w set demo = true
    where exists (select from person p where p.workshop_id = w.id and p.sign_in_name = 'ines' and p.name = 'Ines')
      and exists (select from person p where p.workshop_id = w.id and p.sign_in_name = 'wil' and p.name = 'Wil');
comment on column workshop.demo is 'Made-up people and rigs.';

create function is_of_demo(asked text) returns boolean
    language sql stable security definer set search_path = public, pg_temp
    as $$ select exists (select from person p join workshop w on w.id = p.workshop_id where p.sign_in_name = asked and w.demo) $$;

drop function found_workshop(text, uuid, uuid, text, text, text);
create function found_workshop(
    workshop_name text, new_workshop uuid, new_person uuid, person_name text, new_sign_in_name text, new_hash text, is_demo boolean)
    returns uuid language plpgsql security definer set search_path = public, pg_temp
    as $$
declare
    found_id uuid;
begin
    lock table person in share row exclusive mode; -- two founders at once: one is refused
    if exists (select from person where active) then
        raise exception 'the first owner has already signed up' using errcode = 'restrict_violation';
    end if;
    -- a register kept before there were people goes to its first owner
    select id into found_id from workshop order by created_at, id limit 1;
    if found_id is null then
        insert into workshop (id, name, demo) values (new_workshop, workshop_name, is_demo) returning id into found_id;
    else
        update workshop set name = workshop_name, demo = is_demo where id = found_id;
    end if;
    insert into person (id, workshop_id, name, sign_in_name, role, password_hash)
        values (new_person, found_id, person_name, new_sign_in_name, 'OWNER', new_hash);
    return found_id;
end $$;

revoke execute on function is_of_demo(text), found_workshop(text, uuid, uuid, text, text, text, boolean) from public;
grant execute on function is_of_demo(text), found_workshop(text, uuid, uuid, text, text, text, boolean) to oldtallow_app;

-- Nothing is sent to an address before whoever reads there has said so.
alter table mail_reminder
    add column confirmed text not null default '',
    add column code_hash text not null default '',
    add column code_sent_at timestamptz,
    add column code_tries smallint not null default 0;
update mail_reminder set confirmed = address; -- they have been written to so far
comment on column mail_reminder.confirmed is 'The address whose reader has typed the code sent there; another is not written to.';
comment on column mail_reminder.code_hash is 'Of the code sent last; empty where none waits.';

-- The demo is over: its people can sign in no more, its rigs stay or go, and the workshop waits for its owner.
create function end_demo(keep_rigs boolean) returns void
    language plpgsql security definer set search_path = public, pg_temp
    as $$
declare
    over uuid := (select id from workshop where demo limit 1);
    one text;
    left_over boolean := true;
begin
    if over is null or (wall() is not null and wall() <> over) then
        raise exception 'there is no demo here' using errcode = 'no_data_found';
    end if;
    if keep_rigs then
        update person set active = false, sign_in_name = 'demo.' || left(id::text, 8) where workshop_id = over;
    else
        -- what may only be added to, and the trail of it, goes too: it was made up
        for one in select c.table_name from information_schema.columns c join information_schema.tables t using (table_schema, table_name)
                    where c.table_schema = 'public' and c.column_name = 'workshop_id' and t.table_type = 'BASE TABLE' loop
            execute format('alter table %I disable trigger user', one);
        end loop;
        while left_over loop
            left_over := false;
            for one in select c.table_name from information_schema.columns c join information_schema.tables t using (table_schema, table_name)
                        where c.table_schema = 'public' and c.column_name = 'workshop_id' and t.table_type = 'BASE TABLE' loop
                begin
                    execute format('delete from %I where workshop_id = $1', one) using over;
                exception when foreign_key_violation then
                    left_over := true; -- others first
                end;
            end loop;
        end loop;
        for one in select c.table_name from information_schema.columns c join information_schema.tables t using (table_schema, table_name)
                    where c.table_schema = 'public' and c.column_name = 'workshop_id' and t.table_type = 'BASE TABLE' loop
            execute format('alter table %I enable trigger user', one);
        end loop;
    end if;
    update workshop set demo = false where id = over;
end $$;
comment on function end_demo(boolean) is 'By an owner of the demo, or by whoever has the machine.';
revoke execute on function end_demo(boolean) from public;
grant execute on function end_demo(boolean) to oldtallow_app;

create or replace function nobody_yet() returns boolean
    language sql stable security definer set search_path = public, pg_temp
    as $$ select not exists (select from person where active) $$;

create function no_workshop_yet() returns boolean
    language sql stable security definer set search_path = public, pg_temp
    as $$ select not exists (select from workshop) $$;
revoke execute on function no_workshop_yet() from public;
grant execute on function no_workshop_yet() to oldtallow_app;
