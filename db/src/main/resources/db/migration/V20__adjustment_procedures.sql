-- Names of the trade and of the field: a way of setting the nut is an adjustment procedure, what keeps workshops apart is row
-- security. Nothing else changes; kinds and bodies of entries stay as they were written.

alter table wheel_end_build rename column school to procedure;
alter table nut_setting rename column school to procedure;
alter table figure rename column school to procedure;
alter table own_school rename to own_procedure;
comment on table own_procedure is 'Never deleted: settings name their procedure.';

alter function wall() rename to current_workshop;
alter procedure wall_and_audit(regclass, text) rename to isolate_and_audit;
alter procedure wall_only(regclass, text) rename to isolate_only;

do $$
declare
    one record;
begin
    for one in
        select conrelid::regclass as of_table, conname as name
        from pg_constraint
        where connamespace = 'public'::regnamespace and conname like '%school%'
    loop
        execute format('alter table %s rename constraint %I to %I', one.of_table, one.name, replace(one.name, 'school', 'procedure'));
    end loop;
    for one in
        select indexrelid::regclass as of_index, relname as name
        from pg_index join pg_class on oid = indexrelid
        where relnamespace = 'public'::regnamespace and relname like '%school%'
    loop
        execute format('alter index %s rename to %I', one.of_index, replace(one.name, 'school', 'procedure'));
    end loop;
    for one in
        select polrelid::regclass as of_table from pg_policy where polname = 'wall'
    loop
        execute format('alter policy wall on %s rename to own_workshop', one.of_table);
    end loop;
    -- bodies are kept as text and name what they call
    for one in
        select pg_get_functiondef(oid) as definition
        from pg_proc
        where pronamespace = 'public'::regnamespace and prokind in ('f', 'p') and prosrc like '%wall%'
    loop
        execute replace(replace(one.definition, 'wall()', 'current_workshop()'), 'policy wall on', 'policy own_workshop on');
    end loop;
end $$;
