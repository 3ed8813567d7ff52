-- A passkey in place of the code of the moment (Web Authentication, W3C): a key pair per device, of which only the public half is here.

create table passkey (
    id uuid not null,
    workshop_id uuid not null,
    person_id uuid not null,
    credential_id bytea not null unique check (length(credential_id) between 16 and 1023),
    public_key bytea not null check (length(public_key) <= 2000),
    attestation bytea not null check (length(attestation) <= 4000),
    signature_count bigint not null,
    verified boolean not null,
    backup_eligible boolean not null,
    backed_up boolean not null,
    label text not null check (length(label) between 1 and 60),
    created_at timestamptz not null,
    last_used_at timestamptz not null,
    primary key (workshop_id, id),
    foreign key (workshop_id, person_id) references person (workshop_id, id)
);
comment on column passkey.public_key is 'As COSE has it (RFC 9052).';
comment on column passkey.signature_count is 'As the device told last; one that goes back is a copy.';
create index passkey_of_person on passkey (workshop_id, person_id);
call wall_and_audit('passkey', 'select, insert, delete');

-- asked at the door, before a workshop is known
create function passkeys_of(asked uuid) returns setof passkey
    language sql stable security definer set search_path = public, pg_temp
    as $$ select * from passkey where person_id = asked order by created_at, id $$;

create function passkey_used(credential bytea, told_count bigint, is_backed_up boolean, moment timestamptz) returns void
    language sql security definer set search_path = public, pg_temp
    as $$ update passkey set signature_count = told_count, backed_up = is_backed_up, last_used_at = moment
          where credential_id = credential $$;

revoke execute on function passkeys_of(uuid), passkey_used(bytea, bigint, boolean, timestamptz) from public;
grant execute on function passkeys_of(uuid), passkey_used(bytea, bigint, boolean, timestamptz) to oldtallow_app;
