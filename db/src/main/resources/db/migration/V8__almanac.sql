-- The almanac: rules as data, what was done at wheel ends, how far rigs run, their trips and water, and what falls due.

-- Intervals become lists of rules: an action, what makes it due, and a number (months, km, times; a day as month * 100 + day).
alter table figure add column rules jsonb;
update figure set rules = jsonb_build_array(jsonb_build_object('action', 'REPACK', 'trigger', 'MONTHS', 'number', months))
        || case when distance_km is null then '[]'::jsonb
                else jsonb_build_array(jsonb_build_object('action', 'REPACK', 'trigger', 'KILOMETRES', 'number', distance_km)) end
    where kind = 'INTERVAL';
alter table figure drop column months, drop column distance_km;
alter table figure
    add check ((rules is not null) = (kind = 'INTERVAL')),
    add check (rules is null or jsonb_array_length(rules) between 1 and 24);

-- What was done ----------------------------------------------------------------------------------------------------------

create table service_event (
    id uuid not null unique,
    workshop_id uuid not null,
    wheel_end_id uuid not null,
    action text not null check (action in ('RETORQUE', 'REPACK', 'RENEW', 'ADJUST', 'INSPECT', 'WHEEL_OFF')),
    done_on date not null,
    source text not null check (source in ('JOB', 'SETTING', 'HAND')),
    job_id uuid,
    person_name text not null,
    note text not null default '' check (length(note) <= 300),
    recorded_at timestamptz not null default now(),
    primary key (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    foreign key (workshop_id, job_id) references job (workshop_id, id)
);
comment on table service_event is 'Append-only: what was done at a wheel end, from which dues are counted.';
comment on column service_event.action is 'WHEEL_OFF: the wheel was off and is on again, so that its nuts want their second torque.';
create index service_event_by_wheel_end on service_event (workshop_id, wheel_end_id, done_on);
call wall_and_audit('service_event', 'select, insert');

-- settings up to now: of an adjustment where such a job was open, else of the service it mostly was
insert into service_event (id, workshop_id, wheel_end_id, action, done_on, source, job_id, person_name, recorded_at)
select gen_random_uuid(), s.workshop_id, s.wheel_end_id, case when j.id is null then 'REPACK' else 'ADJUST' end,
    s.set_at::date, 'SETTING', j.id, s.set_by, s.recorded_at
from nut_setting s
left join lateral (
    select id from job j
    where j.workshop_id = s.workshop_id and j.wheel_end_id = s.wheel_end_id and j.scope = 'ADJUST'
      and s.set_at between j.opened_at and coalesce(j.closed_at, now())
    limit 1) j on true;

-- How far rigs run ---------------------------------------------------------------------------------------------------------

create table meter_entry (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    read_on date not null,
    shows_km double precision not null check (shows_km between 0 and 5000000),
    kind text not null check (kind in ('READ', 'OTHER_METER', 'ROLLED_OVER')),
    before_km double precision check (before_km between 0 and 5000000),
    note text not null default '' check (length(note) <= 300),
    version integer not null default 1,
    primary key (workshop_id, id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id),
    check ((before_km is null) = (kind = 'READ'))
);
comment on column meter_entry.before_km is 'Of another meter: the last of the old one; of one that rolled over: where it begins again.';
create unique index one_meter_entry_a_day on meter_entry (workshop_id, rig_id, read_on);
call wall_and_audit('meter_entry', 'select, insert, update, delete');
insert into meter_entry (id, workshop_id, rig_id, read_on, shows_km, kind)
    select gen_random_uuid(), workshop_id, id, distance_read_on, distance_km, 'READ' from rig where distance_km is not null;

create table trip (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    name text not null check (length(trim(name)) between 1 and 80),
    state text not null check (state in ('PLANNED', 'DRIVEN', 'CANCELLED')),
    from_on date not null,
    to_on date not null check (to_on >= from_on),
    km double precision not null check (km > 0 and km <= 100000),
    track text not null default '' check (length(track) <= 300),
    note text not null default '' check (length(note) <= 1000),
    version integer not null default 1,
    primary key (workshop_id, id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
comment on column trip.track is 'How its distance was measured, where a recorded track was.';
create index trip_by_rig on trip (workshop_id, rig_id, from_on);
call wall_and_audit('trip', 'select, insert, update');

create table trip_leg (
    id uuid not null unique,
    workshop_id uuid not null,
    trip_id uuid not null,
    number smallint not null check (number between 1 and 60),
    goes_to text not null check (length(goes_to) <= 80),
    on_day date not null,
    km double precision not null check (km between 0 and 20000),
    crossings smallint not null default 0 check (crossings between 0 and 50),
    dunkings smallint not null default 0 check (dunkings between 0 and 50),
    no_help boolean not null default false,
    primary key (workshop_id, id),
    unique (workshop_id, trip_id, number),
    foreign key (workshop_id, trip_id) references trip (workshop_id, id)
);
comment on column trip_leg.no_help is 'Nobody there sells a bearing or tows.';
call wall_and_audit('trip_leg', 'select, insert, delete');

create table water_entry (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    on_day date not null,
    kind text not null check (kind in ('DUNKING', 'CROSSING')),
    salt boolean not null,
    hot boolean not null,
    note text not null default '' check (length(note) <= 300),
    primary key (workshop_id, id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
comment on column water_entry.hot is 'The hubs went in hot, without a stop to cool: that draws water in.';
create index water_entry_by_rig on water_entry (workshop_id, rig_id, on_day);
call wall_and_audit('water_entry', 'select, insert, delete');

-- What is derived: one row a rig, so that a rule for all moves every date in one pass -----------------------------------------

create table due_basis (
    workshop_id uuid not null,
    rig_id uuid not null,
    basis text not null,
    primary key (workshop_id, rig_id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
comment on table due_basis is 'What dues of a rig are worked out from, and what they were last; made again whenever the rig changes.';
call wall_only('due_basis', 'select, insert, update');

alter table rig_standing
    add column due_ends uuid[] not null default '{}',
    add column due_actions text[] not null default '{}',
    add column due_on date[] not null default '{}',
    add column due_minutes integer[] not null default '{}',
    add check (cardinality(due_ends) = cardinality(due_on) and cardinality(due_ends) = cardinality(due_actions)
        and cardinality(due_ends) = cardinality(due_minutes));
grant delete on rig_standing to oldtallow_app;
comment on column rig_standing.due_ends is 'Its wheel ends that something is due at; beside it what is due first, when, and how long that takes.';

create table due_change (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    wheel_end_id uuid not null,
    changed_at timestamptz not null default now(),
    action text not null,
    was_on date,
    is_on date,
    why text not null check (length(why) <= 200),
    primary key (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    check (num_nonnulls(was_on, is_on) > 0)
);
comment on table due_change is 'A due date that moved, appeared or went, and why; told on the almanac.';
create index due_change_by_rig on due_change (workshop_id, rig_id, changed_at desc);
call wall_only('due_change', 'select, insert');

-- Hard use that shortens distances ---------------------------------------------------------------------------------------------

do $$
declare
    name text;
begin
    select conname into name from pg_constraint
        where conrelid = 'rig'::regclass and contype = 'c' and pg_get_constraintdef(oid) like '%LONG_STORAGE%';
    execute format('alter table rig drop constraint %I', name);
end $$;
alter table rig add check (uses <@ array[
    'SALT_WATER', 'FRESH_WATER', 'WATER_CROSSINGS', 'OFF_ROAD', 'BRAKED', 'BRAKED_HILLS', 'LOADED_HIGH', 'LONG_STORAGE',
    'LONG_TRIPS']);
