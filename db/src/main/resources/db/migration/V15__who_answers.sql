-- Whose entries of a job somebody else has to answer for. It is kept with the entry: an apprentice may be a mechanic tomorrow.

alter table job_entry add column needs_sign_off boolean;
alter table job_entry disable trigger user;
update job_entry e set needs_sign_off = p.role = 'APPRENTICE'
    from person p where p.workshop_id = e.workshop_id and p.id = e.person_id;
alter table job_entry enable trigger user;
alter table job_entry alter column needs_sign_off set not null;
