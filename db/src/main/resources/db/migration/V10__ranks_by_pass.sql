-- Ranks of one pass lie together: who reads the yard does not wade through what later passes wrote or took away.

create table rank_pass (
    workshop_id uuid primary key references workshop (id),
    pass integer not null check (pass > 0)
);
comment on table rank_pass is 'The latest pass over all dates of a workshop; whoever changes a rank holds this row, so that no pass overtakes it.';
call wall_only('rank_pass', 'select, insert, update');
insert into rank_pass select id, 1 from workshop;

alter table rig_standing add column pass integer not null default 1 check (pass > 0);
alter table rig_standing alter column pass drop default;
comment on column rig_standing.pass is 'Of which pass it is; those of an earlier one count no longer.';
alter table rig_standing drop constraint rig_standing_pkey;
drop index yard_order, yard_order_of_owner;
alter table rig_standing add primary key (workshop_id, pass, rig_id);
create index yard_order on rig_standing (workshop_id, pass, urgency, attention_on, rig_id);
-- rigs of one owner are few and found by the register: an index for them here was a quarter of what a pass writes
alter table rig_standing drop column owner_name;
comment on table rig_standing is 'The worst wheel end of each rig, by which the yard is sorted.';

-- a basis is kept in another form by now, with the last setting; those of before are made anew as they are wanted
delete from due_basis;
