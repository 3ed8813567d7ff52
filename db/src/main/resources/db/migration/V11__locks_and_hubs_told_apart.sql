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

-- what dues hang on names the construction: made again when somebody next asks
delete from due_basis;
