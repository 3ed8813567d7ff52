-- A job that only looks, and one that only tops up.
alter table job
    drop constraint job_scope_check,
    add constraint job_scope_check
        check (scope in ('LOOK', 'TOP_UP', 'ADJUST', 'REPACK', 'RENEW', 'EXCHANGE', 'ROADSIDE', 'FIRST_BUILD'));
alter table planned_job
    drop constraint planned_job_scope_check,
    add constraint planned_job_scope_check
        check (scope in ('LOOK', 'TOP_UP', 'ADJUST', 'REPACK', 'RENEW', 'EXCHANGE', 'ROADSIDE', 'FIRST_BUILD'));
