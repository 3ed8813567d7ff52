-- What sets the play, what holds the bearing and the wheel; a retainer that takes no cotter; linings on the shelf.
-- A hub exchange is how far a job goes, and no construction.

alter table wheel_end_build
    disable trigger user,
    add column spacing text not null default 'NUT_SETS' check (spacing in ('NUT_SETS', 'SPACER')),
    add column snap_ring text not null default 'NONE' check (snap_ring in ('NONE', 'BEFORE_CONE', 'BEFORE_CUP')),
    add column wheel_fixing text not null default 'NUTS' check (wheel_fixing in ('NUTS', 'BOLTS'));

update wheel_end_build set spacing = 'SPACER', brake = case brake when 'NONE' then 'DISC' else brake end
where construction = 'SPACER_SET';
update wheel_end_build set snap_ring = 'BEFORE_CUP' where construction = 'CLASSIC_CAR';
update wheel_end_build set construction = 'STEPPED_UNBRAKED' where construction = 'HUB_EXCHANGE';

alter table wheel_end_build
    enable trigger user,
    drop constraint wheel_end_build_construction_check,
    add constraint wheel_end_build_construction_check check (construction in (
        'STRAIGHT_SPINDLE', 'STEPPED_UNBRAKED', 'STEPPED_BRAKED', 'GREASE_THROUGH', 'ROTOR_HUB', 'CLASSIC_CAR',
        'SPACER_SET', 'FULL_FLOATING_REAR', 'DRIVE_FLANGE_FRONT', 'LOCKING_HUB_FRONT', 'OIL_BATH_HEAVY')),
    drop constraint wheel_end_build_lock_kind_check,
    add constraint wheel_end_build_lock_kind_check check (lock_kind in (
        'CASTLE_NUT', 'SEATED_RETAINER', 'PUSH_ON_RETAINER', 'TANG_WASHER', 'LOCK_PLATE', 'TWO_NUTS', 'STAKED_COLLAR')),
    drop constraint wheel_end_build_check1,
    add constraint wheel_end_build_seats_check
        check ((lock_seats is not null) = (lock_kind in ('SEATED_RETAINER', 'PUSH_ON_RETAINER'))),
    drop constraint wheel_end_build_check4,
    add constraint wheel_end_build_marks_check check ((cardinality(lock_marks_deg) > 0)
        = (lock_kind in ('CASTLE_NUT', 'SEATED_RETAINER', 'PUSH_ON_RETAINER', 'TANG_WASHER')));

alter table job disable trigger user;
update job set construction = 'STEPPED_UNBRAKED' where construction = 'HUB_EXCHANGE';
alter table job
    enable trigger user,
    drop constraint job_construction_check,
    add constraint job_construction_check check (construction in (
        'STRAIGHT_SPINDLE', 'STEPPED_UNBRAKED', 'STEPPED_BRAKED', 'GREASE_THROUGH', 'ROTOR_HUB', 'CLASSIC_CAR',
        'SPACER_SET', 'FULL_FLOATING_REAR', 'DRIVE_FLANGE_FRONT', 'LOCKING_HUB_FRONT', 'OIL_BATH_HEAVY'));

-- entries written before these choices were known meant what was usual
alter table job_entry disable trigger user;
update job_entry set body = jsonb_set(
    jsonb_set(body, '{choices,cupRemoval}', '"DRIFTED"'), '{choices,hubBrings}', '"BEARINGS"')
where kind = 'Scoped' and not body -> 'choices' ? 'hubBrings';
alter table job_entry enable trigger user;

alter table stock_item
    drop constraint stock_item_kind_check,
    add constraint stock_item_kind_check check (kind in (
        'BEARING', 'SEAL', 'WASHER', 'NUT', 'LOCK', 'CAP', 'GASKET', 'HUB', 'LININGS', 'GREASE', 'SUPPLY', 'SPARE_BAG'));

-- a window may have two grades: what is good, and what may still be used
alter table nut_setting
    disable trigger user,
    add column window_usable_um double precision;
update nut_setting set window_usable_um = window_most_um;
alter table nut_setting
    enable trigger user,
    alter column window_usable_um set not null,
    drop constraint nut_setting_verdict_check,
    add constraint nut_setting_verdict_check
        check (verdict in ('PRELOAD', 'TOO_TIGHT', 'INSIDE', 'USABLE', 'TOO_LOOSE'));

-- torques of other bolts, and which spanners fit, are figures like those of the wheel nuts
do $$
declare
    old record;
begin
    for old in select conname from pg_constraint
        where conrelid = 'figure'::regclass and contype = 'c'
            and (pg_get_constraintdef(oid) like '%WHEEL_NUT_TORQUE%' or pg_get_constraintdef(oid) like '%GREASE%')
    loop
        execute format('alter table figure drop constraint %I', old.conname);
    end loop;
end $$;
alter table figure
    add constraint figure_kind check (kind in (
        'NUT_SEQUENCE', 'END_PLAY', 'WHEEL_NUT_TORQUE', 'CALIPER_BOLT_TORQUE', 'ROTOR_BOLT_TORQUE', 'FLANGE_BOLT_TORQUE',
        'OUTER_NUT_TORQUE', 'SPANNERS', 'GREASE', 'INTERVAL')),
    add constraint figure_words_of_kind check ((words is not null) = (kind in ('GREASE', 'SPANNERS')) or kind = 'NUT_SEQUENCE'),
    add constraint figure_torque_of_kind check (num_nonnulls(least_nm, most_nm) = case when kind like '%TORQUE' then 2 else 0 end
        and least_nm <= most_nm);

-- a planned job knows what its new hub brings, so that the order list does
alter table planned_job add column hub_brings text not null default 'BEARINGS'
    check (hub_brings in ('NOTHING', 'CUPS', 'BEARINGS', 'READY'));

-- topping up a spring-loaded cap is an action of its own
alter table service_event
    drop constraint service_event_action_check,
    add constraint service_event_action_check
        check (action in ('RETORQUE', 'REPACK', 'RENEW', 'ADJUST', 'INSPECT', 'TOP_UP', 'WHEEL_OFF'));

-- what dues hang on names construction and duty: made again when somebody next asks
delete from due_basis;
