-- One job a rig: what is done once is done once, and each hub keeps a plan, a tray and entries of its own. Every job that is on
-- record becomes the only hub of one.

create table rig_job (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    round_order text not null check (round_order in ('STAGE_BY_STAGE', 'HUB_BY_HUB')),
    opened_by uuid not null,
    opened_at timestamptz not null,
    primary key (workshop_id, id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id),
    foreign key (workshop_id, opened_by) references person (workshop_id, id)
);
comment on column rig_job.round_order is 'In which order its hubs are gone round.';
call isolate_and_audit('rig_job', 'select, insert, update');

insert into rig_job (id, workshop_id, rig_id, round_order, opened_by, opened_at)
    select j.id, j.workshop_id, a.rig_id, 'STAGE_BY_STAGE', j.opened_by, j.opened_at
    from job j
    join wheel_end w on w.workshop_id = j.workshop_id and w.id = j.wheel_end_id
    join axle a on a.workshop_id = w.workshop_id and a.id = w.axle_id;

alter table job add column rig_job_id uuid;
alter table job disable trigger user;
update job set rig_job_id = id;
alter table job enable trigger user;
alter table job
    alter column rig_job_id set not null,
    add foreign key (workshop_id, rig_job_id) references rig_job (workshop_id, id);
comment on table job is 'A hub''s share of a job on a rig.';
create index job_by_rig_job on job (workshop_id, rig_job_id);

alter table job_entry add column press_id uuid;
alter table job_entry disable trigger user;
update job_entry set press_id = id;
alter table job_entry enable trigger user;
alter table job_entry alter column press_id set not null;
comment on column job_entry.press_id is
    'Of the press that wrote it; one press can write an entry at each hub of a rig. The entry at the hub where it was pressed has its id.';
