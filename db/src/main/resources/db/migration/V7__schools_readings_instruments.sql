-- Schools of setting the nut as data, a workshop's own among them; sheet caps; play read again; paired instruments.

-- A school is one of the file's by its name, or a workshop's own by its number.
do $$
declare
    one record;
begin
    for one in
        select conrelid::regclass as of_table, conname
        from pg_constraint
        where contype = 'c'
          and conrelid in ('wheel_end_build'::regclass, 'figure'::regclass)
          and pg_get_constraintdef(oid) like '%SEAT_AND_FINGER_TIGHT%'
    loop
        execute format('alter table %s drop constraint %I', one.of_table, one.conname);
    end loop;
end $$;
alter table wheel_end_build add check (length(school) between 3 and 40);
alter table figure add check (length(school) between 3 and 40);

create table own_school (
    id uuid not null unique,
    workshop_id uuid not null references workshop,
    label text not null check (length(trim(label)) between 1 and 60),
    body jsonb not null check (jsonb_typeof(body) = 'object'),
    retired boolean not null default false,
    version integer not null default 1,
    primary key (workshop_id, id)
);
comment on table own_school is 'Never deleted: settings name their school.';
create unique index one_school_a_name on own_school (workshop_id, lower(label)) where not retired;
call wall_and_audit('own_school', 'select, insert, update');

-- A sheet cap whose slots do not stand over the corners of the nut has other stops when it is turned over.
alter table wheel_end_build
    add column lock_offset_deg numeric(6, 3) not null default 0 check (lock_offset_deg >= 0 and lock_offset_deg < 180),
    add check (lock_offset_deg = 0 or lock_kind = 'SEATED_RETAINER');
comment on column wheel_end_build.lock_offset_deg is 'From a corner of the nut to the next slot of its retainer, looser.';

-- How a measured play was read.
alter table nut_setting
    add column measured_readings_um double precision[],
    add column measured_slack_um double precision check (measured_slack_um between 0 and 1000),
    add column measured_uncertainty_um double precision check (measured_uncertainty_um > 0),
    add column certain boolean not null default true;
comment on column nut_setting.measured_uncertainty_um is 'Expanded, k = 2, of the measured play.';
comment on column nut_setting.certain is 'False where the measured play lies too close to an edge of its window to tell.';

create table play_check (
    id uuid not null unique,
    workshop_id uuid not null,
    wheel_end_id uuid not null,
    nut_setting_id uuid not null,
    checked_at timestamptz not null,
    recorded_at timestamptz not null default now(),
    person_id uuid not null,
    person_name text not null,
    readings_um double precision[] not null check (cardinality(readings_um) between 1 and 20),
    slack_um double precision not null check (slack_um between 0 and 1000),
    end_play_um double precision not null,
    uncertainty_um double precision not null check (uncertainty_um > 0),
    kilometres double precision check (kilometres between 0 and 1000000),
    primary key (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    foreign key (workshop_id, nut_setting_id) references nut_setting (workshop_id, id),
    foreign key (workshop_id, person_id) references person (workshop_id, id)
);
comment on table play_check is 'End play read again after a setting had run; what it changed by is how the bearings settled.';
create index play_check_by_wheel_end on play_check (workshop_id, wheel_end_id, checked_at desc);
call wall_and_audit('play_check', 'select, insert');

create table instrument (
    id uuid not null unique,
    workshop_id uuid not null references workshop,
    kind text not null check (kind in ('TORQUE_WRENCH', 'DIAL_INDICATOR', 'THERMOMETER', 'SPRING_SCALE', 'CALLIPER')),
    name text not null check (length(trim(name)) between 1 and 60),
    serial text not null check (length(serial) <= 40),
    port integer not null check (port between 1024 and 65535),
    primary key (workshop_id, id)
);
comment on table instrument is 'Paired with the bench; each listens on a loopback port.';
create unique index one_instrument_a_port on instrument (workshop_id, port);
call wall_and_audit('instrument', 'select, insert, delete');
