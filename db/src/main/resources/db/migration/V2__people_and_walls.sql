-- People, sign-in, the walls between workshops, and the audit trail.
--
-- The application connects as oldtallow_app, which owns nothing and is no superuser; whoever sets up the server makes that
-- role. Everything here runs as the owner of the tables. What the application may see is decided by row-level security:
-- each connection says for whom it asks (oldtallow.workshop, oldtallow.person); a connection that says nothing sees nothing.

create function wall() returns uuid language sql stable
    as $$ select nullif(current_setting('oldtallow.workshop', true), '')::uuid $$;
comment on function wall() is 'The workshop this connection asks for; null when it has not said.';

create table person (
    id uuid not null unique,
    workshop_id uuid not null references workshop,
    name text not null check (length(trim(name)) between 1 and 80),
    sign_in_name text collate "C" not null unique check (sign_in_name ~ '^[a-z0-9._-]{2,40}$'),
    role text not null check (role in ('OWNER', 'MECHANIC', 'APPRENTICE')),
    password_hash text not null,
    active boolean not null default true,
    version integer not null default 1,
    primary key (workshop_id, id)
);
comment on column person.active is 'Who leaves stays on record, but can no longer sign in.';

-- Sign-in happens before anybody's workshop is known, so it goes through functions that answer for one name only.

create function sign_in_account(asked text)
    returns table (person_id uuid, workshop_id uuid, name text, role text, password_hash text)
    language sql stable security definer set search_path = public, pg_temp
    as $$ select p.id, p.workshop_id, p.name, p.role, p.password_hash
          from person p where p.sign_in_name = asked and p.active $$;

create table sign_in_failure (
    sign_in_name text collate "C" primary key check (length(sign_in_name) <= 100),
    tries integer not null,
    last_at timestamptz not null
);
comment on table sign_in_failure is 'Tries since the last success, known name or not. No workshop: nobody is signed in yet.';

create function sign_in_try(asked text, moment timestamptz) returns integer
    language plpgsql security definer set search_path = public, pg_temp
    as $$
declare
    known sign_in_failure;
    seconds integer;
begin
    delete from sign_in_failure where last_at < moment - interval '1 day';
    insert into sign_in_failure values (asked, 0, moment) on conflict do nothing;
    select * into known from sign_in_failure where sign_in_name = asked for update;
    seconds := case when known.tries < 3 then 0 else least(300, power(2, least(known.tries, 12) - 2)::integer) end;
    if moment < known.last_at + make_interval(secs => seconds) then
        return ceil(extract(epoch from known.last_at + make_interval(secs => seconds) - moment));
    end if;
    update sign_in_failure set tries = known.tries + 1, last_at = moment where sign_in_name = asked;
    return 0;
end $$;
comment on function sign_in_try(text, timestamptz) is
    'Counts a try and returns 0, or the seconds still to wait: none for three tries, then 2, 4, 8 … up to 300.';

create function sign_in_succeeded(asked text) returns void
    language sql security definer set search_path = public, pg_temp
    as $$ delete from sign_in_failure where sign_in_name = asked $$;

create function nobody_yet() returns boolean
    language sql stable security definer set search_path = public, pg_temp
    as $$ select not exists (select from person) $$;

create function found_workshop(
    workshop_name text, new_workshop uuid, new_person uuid, person_name text, new_sign_in_name text, new_hash text)
    returns uuid language plpgsql security definer set search_path = public, pg_temp
    as $$
declare
    found_id uuid;
begin
    lock table person in share row exclusive mode; -- two founders at once: one is refused
    if exists (select from person) then
        raise exception 'the first owner has already signed up' using errcode = 'restrict_violation';
    end if;
    -- a register kept before there were people goes to its first owner
    select id into found_id from workshop order by created_at, id limit 1;
    if found_id is null then
        insert into workshop (id, name) values (new_workshop, workshop_name) returning id into found_id;
    else
        update workshop set name = workshop_name where id = found_id;
    end if;
    insert into person (id, workshop_id, name, sign_in_name, role, password_hash)
        values (new_person, found_id, person_name, new_sign_in_name, 'OWNER', new_hash);
    return found_id;
end $$;

-- Spring Session's own tables (spring-session-jdbc, schema-postgresql.sql): read by session id before a workshop is known.

create table spring_session (
    primary_id char(36) not null primary key,
    session_id char(36) not null unique,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval integer not null,
    expiry_time bigint not null,
    principal_name varchar(100)
);
create index spring_session_by_expiry on spring_session (expiry_time);
create index spring_session_by_principal on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    primary key (session_primary_id, attribute_name)
);

-- Who set a nut, and who answers for an apprentice's setting.

alter table nut_setting
    add column person_id uuid,
    add column needs_sign_off boolean not null default false,
    add foreign key (workshop_id, person_id) references person (workshop_id, id);
comment on column nut_setting.set_by is 'The name as it was then; settings from before there was sign-in have no person.';

create table nut_setting_sign_off (
    id uuid not null unique,
    workshop_id uuid not null,
    nut_setting_id uuid not null,
    person_id uuid not null,
    signed_by text not null check (length(trim(signed_by)) between 1 and 80),
    signed_at timestamptz not null,
    primary key (workshop_id, id),
    unique (workshop_id, nut_setting_id),
    foreign key (workshop_id, nut_setting_id) references nut_setting (workshop_id, id),
    foreign key (workshop_id, person_id) references person (workshop_id, id)
);
create trigger nut_setting_sign_off_append_only
    before update or delete or truncate on nut_setting_sign_off
    for each statement execute function refuse_change();

-- The audit trail: who, when, what. Written by triggers, so that no way into a table goes round it.

create table audit_entry (
    id bigint generated always as identity unique,
    workshop_id uuid not null references workshop,
    at timestamptz not null default clock_timestamp(),
    person_id uuid,
    person_name text not null,
    action text not null check (action in ('INSERT', 'UPDATE', 'DELETE')),
    record text not null,
    record_id uuid not null,
    before jsonb,
    after jsonb,
    primary key (workshop_id, id)
);
comment on column audit_entry.before is 'What an update changed, as it was; all of a deleted record.';
comment on column audit_entry.after is 'What an update changed, as it is; all of a new record.';
create index audit_entry_by_record on audit_entry (workshop_id, record_id, id desc);
create trigger audit_entry_append_only
    before update or delete or truncate on audit_entry
    for each statement execute function refuse_change();

create function audit_change() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
declare
    was jsonb := case when tg_op <> 'INSERT' then to_jsonb(old) end;
    is_now jsonb := case when tg_op <> 'DELETE' then to_jsonb(new) end;
    whole jsonb := coalesce(is_now, was);
    asker uuid := nullif(current_setting('oldtallow.person', true), '')::uuid;
    secret text;
begin
    -- neither secrets nor pictures are written down twice: that they changed is enough
    foreach secret in array array['password_hash', 'request_hash', 'image'] loop
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

create procedure wall_and_audit(walled regclass, rights text) language plpgsql as $$
begin
    execute format('alter table %s enable row level security', walled);
    execute format('create policy wall on %s to oldtallow_app using (workshop_id = wall()) with check (workshop_id = wall())', walled);
    execute format('grant %s on %s to oldtallow_app', rights, walled);
    execute format('create trigger audit after insert or update or delete on %s for each row execute function audit_change()', walled);
end $$;
comment on procedure wall_and_audit(regclass, text) is 'What every table with rows of a workshop gets.';

call wall_and_audit('rig', 'select, insert, update');
call wall_and_audit('axle', 'select, insert, update');
call wall_and_audit('wheel_end', 'select, insert, update');
call wall_and_audit('end_play_figure', 'select, insert, update, delete');
call wall_and_audit('nut_setting', 'select, insert');
call wall_and_audit('nut_setting_sign_off', 'select, insert');
call wall_and_audit('person', 'insert');
-- nobody reads a password's hash; sign_in_account answers for one name at a time
grant select (id, workshop_id, name, sign_in_name, role, active, version) on person to oldtallow_app;
grant update (name, role, password_hash, active, version) on person to oldtallow_app;

alter table audit_entry enable row level security;
create policy wall on audit_entry for select to oldtallow_app using (workshop_id = wall());
grant select on audit_entry to oldtallow_app;

alter table workshop enable row level security;
create policy wall on workshop to oldtallow_app using (id = wall()) with check (id = wall());
grant select, update (name) on workshop to oldtallow_app;
create trigger audit after insert or update or delete on workshop for each row execute function audit_change();

grant select, insert, update, delete on spring_session, spring_session_attributes to oldtallow_app;

revoke execute on all functions in schema public from public;
grant execute on function wall(), sign_in_account(text), sign_in_try(text, timestamptz), sign_in_succeeded(text),
    nobody_yet(), found_workshop(text, uuid, uuid, text, text, text) to oldtallow_app;
