-- What keeps workshops apart and the book in order: row security, policies, rights of the application's role,
-- functions, triggers, constraints, indexes. Run by the build on a database that has just been migrated, and by the application
-- at every start; what differs was lost on the way, in a backup restored without its roles for one.
--   turn    what must stand before others can
--   stands  what it is; the same on every version of the server
--   mended  the statement that brings it about
--   undone  the statement that takes it away where it should not be; empty where it does no harm
with tables as (
    select c.oid, quote_ident(c.relname) as name, c.relacl, c.relowner, c.relrowsecurity, c.relkind
      from pg_class c
     where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p', 'v', 'm', 'S') and c.relname not like 'flyway%'
       and not exists (select from pg_depend d where d.objid = c.oid and d.deptype in ('e', 'i'))
), functions as (
    select p.oid, format('%I(%s)', p.proname, pg_get_function_identity_arguments(p.oid)) as name, p.proacl, p.proowner,
           p.prosecdef
      from pg_proc p
     where p.pronamespace = 'public'::regnamespace and p.prokind = 'f'
       and not exists (select from pg_depend d where d.objid = p.oid and d.deptype = 'e')
), grantees as (
    select 0::oid as oid, 'public' as name union all select oid, quote_ident(rolname) from pg_roles where rolname = 'oldtallow_app'
)
select 4 as turn, format('row security on %s', name) as stands,
       format('alter table %s enable row level security', name) as mended,
       '' as undone
  from tables where relrowsecurity
union all
select 4, format('%s policy %s on %s for %s to %s using %s check %s', case when p.polpermissive then 'permissive' else 'restrictive' end,
              p.polname, t.name, c.command, r.names,
              translate(coalesce(pg_get_expr(p.polqual, p.polrelid), ''), ' ()', ''),
              translate(coalesce(pg_get_expr(p.polwithcheck, p.polrelid), ''), ' ()', '')),
       format('create policy %I on %s as %s for %s to %s%s%s', p.polname, t.name,
              case when p.polpermissive then 'permissive' else 'restrictive' end,
              c.command, r.names, ' using (' || pg_get_expr(p.polqual, p.polrelid) || ')',
              ' with check (' || pg_get_expr(p.polwithcheck, p.polrelid) || ')'),
       format('drop policy %I on %s', p.polname, t.name)
  from pg_policy p join tables t on t.oid = p.polrelid
  cross join lateral (select case p.polcmd when 'r' then 'select' when 'a' then 'insert' when 'w' then 'update' when 'd' then 'delete' else 'all' end
                                 as command) c
  cross join lateral (
      select string_agg(coalesce(quote_ident(g.rolname), 'public'), ', ' order by g.rolname) as names
        from unnest(p.polroles) as of(role) left join pg_roles g on g.oid = of.role) r
union all
select 4, format('%s on %s to %s', lower(a.privilege_type), t.name, g.name),
       format('grant %s on %s %s to %s', lower(a.privilege_type), case t.relkind when 'S' then 'sequence' else 'table' end, t.name, g.name),
       format('revoke %s on %s %s from %s', lower(a.privilege_type), case t.relkind when 'S' then 'sequence' else 'table' end, t.name, g.name)
  from tables t cross join lateral aclexplode(t.relacl) a join grantees g on g.oid = a.grantee and a.grantee <> t.relowner
union all
select 4, format('%s of %s on %s to %s', lower(a.privilege_type), c.attname, t.name, g.name),
       format('grant %s (%I) on %s to %s', lower(a.privilege_type), c.attname, t.name, g.name),
       format('revoke %s (%I) on %s from %s', lower(a.privilege_type), c.attname, t.name, g.name)
  from tables t join pg_attribute c on c.attrelid = t.oid cross join lateral aclexplode(c.attacl) a
  join grantees g on g.oid = a.grantee and a.grantee <> t.relowner
union all
select 1, format('function %s', name), pg_get_functiondef(oid), '' from functions
union all
select 4, format('function %s with its owner''s rights', name),
       format('alter function %s security definer', name),
       format('alter function %s security invoker', name)
  from functions where prosecdef
union all
select 4, format('execute of %s to %s', f.name, g.name),
       format('grant execute on function %s to %s', f.name, g.name),
       format('revoke execute on function %s from %s', f.name, g.name)
  from functions f cross join lateral aclexplode(coalesce(f.proacl, acldefault('f', f.proowner))) a
  join grantees g on g.oid = a.grantee and a.grantee <> f.proowner
union all
select 4, format('trigger %s on %s', r.tgname, t.name), pg_get_triggerdef(r.oid), ''
  from pg_trigger r join tables t on t.oid = r.tgrelid where not r.tgisinternal
union all
select 4, format('trigger %s on %s at work', r.tgname, t.name), format('alter table %s enable trigger %I', t.name, r.tgname), ''
  from pg_trigger r join tables t on t.oid = r.tgrelid where not r.tgisinternal and r.tgenabled in ('O', 'A')
union all
select case c.contype when 'f' then 3 else 2 end, format('constraint %s on %s', c.conname, t.name),
       format('alter table %s add constraint %I %s', t.name, c.conname, pg_get_constraintdef(c.oid)),
       ''
  from pg_constraint c join tables t on t.oid = c.conrelid where c.contype in ('p', 'u', 'f', 'c', 'x') and c.convalidated
union all
select 2, format('index %s on %s', i.relname, t.name), pg_get_indexdef(i.oid), ''
  from pg_index x join pg_class i on i.oid = x.indexrelid join tables t on t.oid = x.indrelid
 where x.indisvalid and not exists (select from pg_constraint c where c.conindid = x.indexrelid and c.contype in ('p', 'u', 'x'))
order by 1, 2
