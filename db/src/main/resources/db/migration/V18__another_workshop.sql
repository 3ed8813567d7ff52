-- A second workshop in one installation: opened with a word that a command prints, and walled off like every other.

create table workshop_opening (
    word_hash text primary key check (length(word_hash) = 64),
    until timestamptz not null
);
comment on table workshop_opening is 'Words with which another workshop can be opened, each once; a digest of them. No workshop: there is none yet.';

create function open_another_workshop(hash text, last timestamptz) returns void
    language sql set search_path = public, pg_temp
    as $$ delete from workshop_opening where until < now();
          insert into workshop_opening values (hash, last) $$;
comment on function open_another_workshop(text, timestamptz) is 'For whoever has the machine: the role of the application may not.';

create function found_another_workshop(
    hash text, moment timestamptz, workshop_name text, new_workshop uuid,
    new_person uuid, person_name text, new_sign_in_name text, new_hash text)
    returns uuid language plpgsql security definer set search_path = public, pg_temp
    as $$
begin
    if exists (select from person where sign_in_name = new_sign_in_name) then
        return null; -- the word stays good for another name
    end if;
    delete from workshop_opening where word_hash = hash and until > moment;
    if not found then
        return null;
    end if;
    insert into workshop (id, name, demo) values (new_workshop, workshop_name, false);
    insert into person (id, workshop_id, name, sign_in_name, role, password_hash)
        values (new_person, new_workshop, person_name, new_sign_in_name, 'OWNER', new_hash);
    return new_workshop;
end $$;
comment on function found_another_workshop(text, timestamptz, text, uuid, uuid, text, text, text) is
    'The new workshop; null where the word opens none, or the sign-in name is taken.';

create function opens_another_workshop(hash text, moment timestamptz) returns boolean
    language sql stable security definer set search_path = public, pg_temp
    as $$ select exists (select from workshop_opening where word_hash = hash and until > moment) $$;

revoke execute on function open_another_workshop(text, timestamptz), opens_another_workshop(text, timestamptz),
    found_another_workshop(text, timestamptz, text, uuid, uuid, text, text, text) from public;
grant execute on function opens_another_workshop(text, timestamptz),
    found_another_workshop(text, timestamptz, text, uuid, uuid, text, text, text) to oldtallow_app;
