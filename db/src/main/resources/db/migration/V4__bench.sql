-- Jobs on the bench. What is done is only ever added: a job is what its entries say, in their order.

create table job (
    id uuid not null unique,
    workshop_id uuid not null,
    wheel_end_id uuid not null,
    construction text not null check (construction in (
        'STRAIGHT_SPINDLE', 'STEPPED_UNBRAKED', 'STEPPED_BRAKED', 'GREASE_THROUGH', 'ROTOR_HUB', 'CLASSIC_CAR',
        'SPACER_SET', 'FULL_FLOATING_REAR', 'DRIVE_FLANGE_FRONT', 'LOCKING_HUB_FRONT', 'OIL_BATH_HEAVY', 'HUB_EXCHANGE')),
    scope text not null check (scope in ('ADJUST', 'REPACK', 'RENEW', 'EXCHANGE', 'ROADSIDE', 'FIRST_BUILD')),
    worker text not null check (worker in ('MECHANIC', 'APPRENTICE')),
    known_bearings boolean not null,
    known_figures boolean not null,
    known_grease boolean not null,
    state text not null check (state in ('OPEN', 'AWAITS_SIGN_OFF', 'CLOSED', 'ABANDONED')),
    opened_by uuid not null,
    opened_at timestamptz not null,
    closed_at timestamptz,
    worked_seconds integer check (worked_seconds >= 0),
    primary key (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    foreign key (workshop_id, opened_by) references person (workshop_id, id),
    check ((closed_at is not null) = (state in ('CLOSED', 'ABANDONED')))
);
comment on column job.construction is 'As it was opened; while it is open the wheel end''s own build counts.';
comment on column job.scope is 'As it stands; how it came to be so is in the entries.';
comment on column job.worked_seconds is 'Time between its entries, long breaks left out; for estimates.';
create unique index one_open_job_a_wheel_end on job (workshop_id, wheel_end_id) where state in ('OPEN', 'AWAITS_SIGN_OFF');
create index job_by_state on job (workshop_id, state, opened_at);
create index job_for_estimates on job (workshop_id, construction, scope, closed_at) where state = 'CLOSED';
call wall_and_audit('job', 'select, insert, update');

create table job_entry (
    id uuid not null unique,
    workshop_id uuid not null,
    job_id uuid not null,
    number integer not null check (number > 0),
    kind text not null check (length(kind) between 1 and 40),
    body jsonb not null check (jsonb_typeof(body) = 'object'),
    person_id uuid not null,
    person_name text not null,
    at timestamptz not null,
    primary key (workshop_id, id),
    unique (workshop_id, job_id, number),
    foreign key (workshop_id, job_id) references job (workshop_id, id),
    foreign key (workshop_id, person_id) references person (workshop_id, id)
);
comment on table job_entry is 'A step done, a reading, a verdict …, one after the other; never changed, never deleted.';
comment on column job_entry.number is 'From 1, without gaps: two devices cannot both write the next one.';
call wall_and_audit('job_entry', 'select, insert');

create table job_photo (
    id uuid not null unique,
    workshop_id uuid not null,
    job_id uuid not null,
    media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/gif')),
    image bytea not null check (length(image) <= 10485760),
    primary key (workshop_id, id),
    foreign key (workshop_id, job_id) references job (workshop_id, id)
);
comment on table job_photo is 'At which step it was taken, by whom and when, is in the job''s entries.';
create index job_photo_by_job on job_photo (workshop_id, job_id);
call wall_and_audit('job_photo', 'select, insert');
