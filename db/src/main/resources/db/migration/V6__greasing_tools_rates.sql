-- What grease is in a hub, the workshop's own tools, what its time costs.

create table grease_fill (
    id uuid not null unique,
    workshop_id uuid not null,
    wheel_end_id uuid not null,
    job_id uuid,
    name text not null check (length(name) <= 80),
    thickener text not null check (thickener in (
        'ALUMINIUM_COMPLEX', 'BARIUM', 'CALCIUM', 'CALCIUM_12_HYDROXY', 'CALCIUM_COMPLEX', 'CALCIUM_SULFONATE', 'CLAY',
        'LITHIUM', 'LITHIUM_12_HYDROXY', 'LITHIUM_COMPLEX', 'POLYUREA', 'POLYUREA_SHEAR_STABLE', 'SODIUM', 'UNKNOWN')),
    code text not null default '' check (length(code) <= 40),
    batch text not null default '' check (length(batch) <= 40),
    person_id uuid not null,
    person_name text not null,
    filled_at timestamptz not null,
    primary key (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    foreign key (workshop_id, job_id) references job (workshop_id, id),
    foreign key (workshop_id, person_id) references person (workshop_id, id)
);
comment on table grease_fill is 'The latest is what is in the hub; never changed: a mistake is put right by the next.';
comment on column grease_fill.thickener is 'UNKNOWN where it was filled and nobody wrote down with what.';
create index fill_by_wheel_end on grease_fill (workshop_id, wheel_end_id, filled_at desc);
call wall_and_audit('grease_fill', 'select, insert');

create table workshop_tool (
    id uuid not null unique,
    workshop_id uuid not null,
    kind text not null check (kind in ('CUP_DRIVER', 'SEAL_DRIVER', 'SOCKET', 'GREASE_GUN')),
    name text not null check (length(trim(name)) between 1 and 60),
    outside_um integer check (outside_um between 10000 and 400000),
    stroke_mm3 integer check (stroke_mm3 between 100 and 10000),
    version integer not null default 1,
    primary key (workshop_id, id),
    check ((kind = 'GREASE_GUN') = (stroke_mm3 is not null)),
    check ((kind = 'GREASE_GUN') = (outside_um is null))
);
comment on column workshop_tool.outside_um is 'Outside diameter at the end that drives.';
comment on column workshop_tool.stroke_mm3 is 'What one stroke of a grease gun gives.';
create unique index one_tool_a_name on workshop_tool (workshop_id, lower(name));
call wall_and_audit('workshop_tool', 'select, insert, update, delete');

create table workshop_rates (
    id uuid not null unique,
    workshop_id uuid not null primary key references workshop,
    hour_cents bigint not null check (hour_cents between 0 and 100000000),
    sundries_cents bigint not null check (sundries_cents between 0 and 100000000),
    standing_day_cents bigint not null check (standing_day_cents between 0 and 100000000),
    version integer not null default 1
);
comment on column workshop_rates.sundries_cents is 'Rags, solvent, oil for one job.';
comment on column workshop_rates.standing_day_cents is 'What a day costs on which a rig stands in the bay and waits.';
call wall_and_audit('workshop_rates', 'select, insert, update');

-- What is in a tin of grease on the shelf.
alter table stock_item
    add column thickener text check (thickener in (
        'ALUMINIUM_COMPLEX', 'BARIUM', 'CALCIUM', 'CALCIUM_12_HYDROXY', 'CALCIUM_COMPLEX', 'CALCIUM_SULFONATE', 'CLAY',
        'LITHIUM', 'LITHIUM_12_HYDROXY', 'LITHIUM_COMPLEX', 'POLYUREA', 'POLYUREA_SHEAR_STABLE', 'SODIUM', 'UNKNOWN')),
    add column grease_code text check (length(grease_code) <= 40),
    add column content_grams integer check (content_grams between 1 and 200000),
    add check ((thickener is null) = (grease_code is null) and (thickener is null) = (content_grams is null)),
    add check (thickener is null or kind = 'GREASE');

-- What is in a sealed bag, and where its parts have run.
alter table stock_batch
    add column grease text not null default '' check (length(grease) <= 80),
    add column history text not null default '' check (length(history) <= 400);
comment on column stock_batch.grease is 'A bag''s bearings are packed with it.';
comment on column stock_batch.history is 'Of get-home spares: from which rig, how far they ran, why they came out.';

-- Comparing text is leakproof and so uses an index below the row-level wall; LIKE and lower() are not, and do not. So the
-- lower-case number is a column.
drop index batch_by_number;
alter table stock_batch add column batch_low text collate "C" generated always as (lower(batch)) stored;
create index batch_by_number on stock_batch (workshop_id, batch_low);
drop index fitted_part_by_batch;
alter table fitted_part add column batch_low text collate "C" generated always as (lower(batch)) stored;
create index fitted_part_by_batch on fitted_part (workshop_id, batch_low) where batch_low <> '';
