-- A second factor: a code of the moment from a device the person has (RFC 6238), beside the password they know.

create table second_factor (
    id uuid not null unique,
    workshop_id uuid not null,
    secret bytea not null check (length(secret) = 20),
    confirmed_at timestamptz,
    last_step bigint not null default 0,
    recovery_hashes text[] not null default '{}',
    primary key (workshop_id, id),
    foreign key (workshop_id, id) references person (workshop_id, id)
);
comment on table second_factor is 'Its id is the person''s. Asked for at sign-in once it is confirmed.';
comment on column second_factor.last_step is 'The step of time whose code was taken last: none is taken twice.';
comment on column second_factor.recovery_hashes is 'SHA-256 of codes for the day the device is lost; each is good once.';
call wall_and_audit('second_factor', 'insert, delete');
-- nobody reads a secret; the functions below answer for one person at a time, before their workshop is known
grant select (id, workshop_id, confirmed_at), update (confirmed_at, recovery_hashes) on second_factor to oldtallow_app;

create function second_factor_of(asked uuid)
    returns table (secret bytea, confirmed boolean, recovery_hashes text[])
    language sql stable security definer set search_path = public, pg_temp
    as $$ select f.secret, f.confirmed_at is not null, f.recovery_hashes from second_factor f where f.id = asked $$;

create function take_second_factor_step(asked uuid, step bigint) returns boolean
    language plpgsql security definer set search_path = public, pg_temp
    as $$
begin
    update second_factor set last_step = step where id = asked and last_step < step;
    return found;
end $$;
comment on function take_second_factor_step(uuid, bigint) is 'False where the code of that step, or of a later one, was taken already.';

create function take_recovery_code(asked uuid, hash text) returns boolean
    language plpgsql security definer set search_path = public, pg_temp
    as $$
begin
    update second_factor set recovery_hashes = array_remove(recovery_hashes, hash) where id = asked and hash = any (recovery_hashes);
    return found;
end $$;

revoke execute on function second_factor_of(uuid), take_second_factor_step(uuid, bigint), take_recovery_code(uuid, text) from public;
grant execute on function second_factor_of(uuid), take_second_factor_step(uuid, bigint), take_recovery_code(uuid, text) to oldtallow_app;
