-- What was written after what, whatever clocks say: devices go wrong, and the server's may be put back.

create sequence written;
grant usage on sequence written to oldtallow_app;

alter table nut_setting add column written bigint;
alter table job_entry add column written bigint;
alter table nut_setting disable trigger user;
alter table job_entry disable trigger user;
with known as (
    select workshop_id, id, row_number() over (order by at, number, id) as place
    from (
        select workshop_id, id, at, number from job_entry
        union all
        select workshop_id, id, recorded_at, 0 from nut_setting) as every),
entries as (
    update job_entry e set written = k.place from known k where k.workshop_id = e.workshop_id and k.id = e.id)
update nut_setting s set written = k.place from known k where k.workshop_id = s.workshop_id and k.id = s.id;
alter table nut_setting enable trigger user;
alter table job_entry enable trigger user;
select setval('written', 1 + (select count(*) from job_entry) + (select count(*) from nut_setting));
alter table nut_setting
    alter column written set default nextval('written'),
    alter column written set not null;
alter table job_entry
    alter column written set default nextval('written'),
    alter column written set not null;
comment on column nut_setting.written is 'Grows from one entry to the next, of a job or a setting, in the order the server wrote them.';
comment on column job_entry.written is 'As of nut_setting.';
create index nut_setting_by_writing on nut_setting (workshop_id, wheel_end_id, written);

-- a clock that was put back makes nobody wait longer than the wait itself
create or replace function sign_in_try(asked text, moment timestamptz) returns integer
    language plpgsql security definer set search_path = public, pg_temp
    as $$
declare
    known sign_in_failure;
    seconds integer;
    last timestamptz;
begin
    delete from sign_in_failure where last_at < moment - interval '1 day';
    insert into sign_in_failure values (asked, 0, moment) on conflict do nothing;
    select * into known from sign_in_failure where sign_in_name = asked for update;
    seconds := case when known.tries < 3 then 0 else least(300, power(2, least(known.tries, 12) - 2)::integer) end;
    last := least(known.last_at, moment);
    if last < known.last_at then
        update sign_in_failure set last_at = last where sign_in_name = asked;
    end if;
    if moment < last + make_interval(secs => seconds) then
        return ceil(extract(epoch from last + make_interval(secs => seconds) - moment));
    end if;
    update sign_in_failure set tries = known.tries + 1, last_at = moment where sign_in_name = asked;
    return 0;
end $$;

create function workshop_owners() returns table (workshop_id uuid, person_id uuid, name text)
    language sql stable security definer set search_path = public, pg_temp
    as $$ select distinct on (p.workshop_id) p.workshop_id, p.id, p.name
          from person p where p.role = 'OWNER' and p.active order by p.workshop_id, p.id $$;
comment on function workshop_owners() is 'In whose name a workshop''s own upkeep is done after an upgrade; nobody has signed in then.';
revoke execute on function workshop_owners() from public;
grant execute on function workshop_owners() to oldtallow_app;
