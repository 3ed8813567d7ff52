-- Hub temperatures from stop to stop, and reminders: calendar feeds and mail.

-- How warm hubs were ---------------------------------------------------------------------------------------------------------

create table warmth_stop (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    at timestamptz not null,
    trip_id uuid,
    trip_km double precision check (trip_km between 0 and 100000),
    job_id uuid,
    day_celsius double precision check (day_celsius between -40 and 60),
    person_name text not null,
    note text not null default '' check (length(note) <= 300),
    recorded_at timestamptz not null default now(),
    primary key (workshop_id, id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id),
    foreign key (workshop_id, trip_id) references trip (workshop_id, id),
    foreign key (workshop_id, job_id) references job (workshop_id, id)
);
comment on table warmth_stop is 'A stop at which hubs were felt or measured.';
comment on column warmth_stop.trip_km is 'How far into the trip.';
comment on column warmth_stop.job_id is 'Of a job that is being proved.';
create index warmth_stop_by_rig on warmth_stop (workshop_id, rig_id, at);
call wall_and_audit('warmth_stop', 'select, insert, delete');

create table warmth_hub (
    id uuid not null unique,
    workshop_id uuid not null,
    stop_id uuid not null,
    wheel_end_id uuid not null,
    touch text not null check (touch in ('COOL', 'WARM', 'HOT', 'TOO_HOT')),
    celsius double precision check (celsius between -40 and 400),
    primary key (workshop_id, id),
    unique (workshop_id, stop_id, wheel_end_id),
    foreign key (workshop_id, stop_id) references warmth_stop (workshop_id, id) on delete cascade,
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id)
);
comment on column warmth_hub.celsius is 'By thermometer; null where only a hand was there.';
call wall_and_audit('warmth_hub', 'select, insert, delete');

-- Calendar feeds -------------------------------------------------------------------------------------------------------------

create table calendar_feed (
    id uuid not null unique,
    workshop_id uuid not null,
    person_id uuid not null,
    name text not null check (length(trim(name)) between 1 and 80),
    rig_id uuid,
    token_hash text not null unique,
    created_at timestamptz not null default now(),
    ended_at timestamptz,
    last_read_on date,
    primary key (workshop_id, id),
    foreign key (workshop_id, person_id) references person (workshop_id, id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
comment on table calendar_feed is 'An address that a calendar program asks without signing in; whoever knows it may read.';
comment on column calendar_feed.rig_id is 'Of one rig; null for the whole yard.';
comment on column calendar_feed.token_hash is 'SHA-256 of the token, which itself is shown once and kept nowhere.';
call wall_and_audit('calendar_feed', 'select, insert, update');

create table calendar_entry (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    from_on date not null,
    to_on date not null check (to_on >= from_on),
    summary text not null,
    details text not null,
    path text not null,
    lead_days smallint not null,
    sequence integer not null default 0,
    cancelled boolean not null default false,
    changed_at timestamptz not null,
    primary key (workshop_id, id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
comment on table calendar_entry is 'What calendars were told, so that a change keeps its UID and counts its SEQUENCE up (RFC 5545).';
create index calendar_entry_by_rig on calendar_entry (workshop_id, rig_id);
call wall_only('calendar_entry', 'select, insert, update, delete');

create function calendar_feed_of(asked text)
    returns table (feed_id uuid, workshop_id uuid, rig_id uuid, person_id uuid, name text, role text)
    language sql stable security definer set search_path = public, pg_temp
    as $$ select f.id, f.workshop_id, f.rig_id, p.id, p.name, p.role
          from calendar_feed f join person p on p.workshop_id = f.workshop_id and p.id = f.person_id
          where f.token_hash = asked and f.ended_at is null and p.active $$;
comment on function calendar_feed_of(text) is 'A calendar program comes without a session; it is let in by its token alone.';

-- Mail -----------------------------------------------------------------------------------------------------------------------

create table mail_reminder (
    id uuid not null unique,
    workshop_id uuid not null,
    address text not null check (length(address) between 3 and 254),
    wanted boolean not null,
    send_at time not null,
    quiet_from time not null,
    quiet_to time not null,
    days_ahead smallint not null check (days_ahead between 1 and 90),
    version integer not null default 1,
    last_sent_on date,
    last_content text not null default '',
    try_again_at timestamptz,
    primary key (workshop_id, id),
    foreign key (workshop_id, id) references person (workshop_id, id)
);
comment on table mail_reminder is 'When a person wants to be reminded by mail; its id is the person''s.';
comment on column mail_reminder.last_content is 'Digest of what was told last: the same is not told again for a week.';
call wall_and_audit('mail_reminder', 'select, insert, update');

create table mail_sent (
    id uuid not null unique,
    workshop_id uuid not null,
    person_id uuid not null,
    at timestamptz not null,
    address text not null,
    subject text not null,
    body text not null,
    problem text not null default '',
    primary key (workshop_id, id),
    foreign key (workshop_id, person_id) references person (workshop_id, id)
);
comment on column mail_sent.problem is 'Why it did not go out; empty where the mail server took it.';
create index mail_sent_by_person on mail_sent (workshop_id, person_id, at desc);
call wall_only('mail_sent', 'select, insert');

create function mail_reminders_wanted()
    returns table (workshop_id uuid, person_id uuid, name text, role text)
    language sql stable security definer set search_path = public, pg_temp
    as $$ select p.workshop_id, p.id, p.name, p.role
          from mail_reminder r join person p on p.workshop_id = r.workshop_id and p.id = r.id
          where r.wanted and p.active order by p.id $$;
comment on function mail_reminders_wanted() is 'Whom the rounds of the mail serve; nobody has signed in then.';

revoke execute on function calendar_feed_of(text), mail_reminders_wanted() from public;
grant execute on function calendar_feed_of(text), mail_reminders_wanted() to oldtallow_app;

-- Ranks, leaner: a rule for all writes every one of them anew ------------------------------------------------------------------

-- they are made from rigs that are there, and no rig is ever deleted: the check was a third of what writing them cost
alter table rig_standing drop constraint rig_standing_workshop_id_rig_id_fkey;
alter table rig_standing add column due_what text not null default '';
update rig_standing s set due_what = (
    select coalesce(string_agg(due.action || ' ' || due.wheel_end, ',' order by due.nr), '')
    from unnest(s.due_actions, s.due_ends) with ordinality as due(action, wheel_end, nr));
alter table rig_standing drop column due_ends, drop column due_actions;
alter table rig_standing add check (cardinality(due_on) = cardinality(due_minutes));
comment on column rig_standing.due_what is
    'What is due first at its wheel ends: the action, a space, the wheel end, a comma; beside it when, and how long that takes.';
