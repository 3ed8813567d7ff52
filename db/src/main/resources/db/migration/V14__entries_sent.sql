-- What was sent under the id of a new entry: the same once more is harmless, something else is refused.

create table entry_sent (
    workshop_id uuid not null default wall() references workshop,
    id uuid not null,
    digest bytea not null check (length(digest) = 32),
    primary key (workshop_id, id)
);
comment on table entry_sent is 'Entries written before this table are not in it: sent again, they are found by their id alone.';
comment on column entry_sent.digest is 'SHA-256 of where it was sent to and of the JSON sent: names in order, empty ones left out.';
call wall_only('entry_sent', 'select, insert, update');

alter table nut_setting drop column request_hash;
