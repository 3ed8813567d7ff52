-- Every row belongs to a workshop, and every reference stays inside one: foreign keys carry workshop_id.
-- Lengths in micrometres (_um), angles in degrees (_deg), torques in newton metres (_nm), as the names say.

create table workshop (
    id uuid primary key,
    name text not null check (length(trim(name)) between 1 and 80),
    created_at timestamptz not null default now()
);
comment on table workshop is 'The walls: every other row belongs to one of these.';

create table rig (
    id uuid not null unique,
    workshop_id uuid not null references workshop,
    kind text not null check (kind in (
        'UTILITY_TRAILER', 'BOAT_TRAILER', 'CAMPER', 'HORSE_TRAILER', 'WORK_TRAILER',
        'CLASSIC_CAR', 'LIGHT_TRUCK', 'FOUR_WHEEL_DRIVE', 'HEAVY_TRAILER')),
    name text not null check (length(trim(name)) between 1 and 80),
    plate text not null check (length(plate) <= 20),
    yard_number integer not null check (yard_number > 0),
    length_mm integer not null check (length_mm between 500 and 25000),
    width_mm integer not null check (width_mm between 300 and 4000),
    drawbar_mm integer not null check (drawbar_mm between 0 and 4000),
    primary key (workshop_id, id),
    unique (workshop_id, yard_number)
);
comment on column rig.length_mm is 'Body in plan, without the drawbar.';
comment on column rig.drawbar_mm is 'Coupling to body; 0 where the rig drives itself.';

create table axle (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    position smallint not null check (position between 1 and 8),
    from_front_mm integer not null check (from_front_mm between 0 and 25000),
    track_mm integer not null check (track_mm between 300 and 4000),
    primary key (workshop_id, id),
    unique (workshop_id, rig_id, position),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
comment on column axle.from_front_mm is 'From the front of the body to the axle line.';

create table wheel_end (
    id uuid not null unique,
    workshop_id uuid not null,
    axle_id uuid not null,
    side text not null check (side in ('LEFT', 'RIGHT')),
    construction text not null check (length(trim(construction)) between 1 and 80),
    thread_designation text not null check (length(trim(thread_designation)) between 1 and 40),
    thread_pitch_um double precision not null check (thread_pitch_um between 350 and 6350),
    thread_diameter_um double precision not null check (thread_diameter_um between 8000 and 150000),
    thread_hand text not null check (thread_hand in ('RIGHT', 'LEFT')),
    lock_kind text not null check (lock_kind in (
        'CASTLE_NUT', 'SEATED_RETAINER', 'TANG_WASHER', 'LOCK_PLATE', 'TWO_NUTS', 'STAKED_COLLAR')),
    lock_slots smallint,
    lock_seats smallint,
    lock_flats smallint,
    lock_plate_holes smallint,
    lock_ring_holes smallint,
    lock_screws smallint,
    lock_marks_deg numeric(6, 3)[] not null,
    washer_thickness_um double precision check (washer_thickness_um between 500 and 25000),
    school text not null check (school in ('SEAT_AND_FINGER_TIGHT', 'TORQUE_HALF_TURN_TORQUE', 'INCH_POUND')),
    primary key (workshop_id, id),
    unique (workshop_id, axle_id, side),
    foreign key (workshop_id, axle_id) references axle (workshop_id, id),
    -- a lock has the numbers of its own kind and no others
    check ((lock_slots is not null) = (lock_kind in ('CASTLE_NUT', 'SEATED_RETAINER'))),
    check ((lock_seats is not null) = (lock_kind = 'SEATED_RETAINER')),
    check ((lock_flats is not null) = (lock_kind = 'TANG_WASHER')),
    check (num_nonnulls(lock_plate_holes, lock_ring_holes, lock_screws)
        = case when lock_kind = 'LOCK_PLATE' then 3 else 0 end),
    check ((cardinality(lock_marks_deg) > 0) = (lock_kind in ('CASTLE_NUT', 'SEATED_RETAINER', 'TANG_WASHER')))
);
comment on column wheel_end.lock_marks_deg is 'Cotter holes or tangs, from the first, in the loosening direction.';

create table end_play_figure (
    id uuid not null unique,
    workshop_id uuid not null references workshop,
    wheel_end_id uuid,
    authority text not null check (authority in ('MAKER', 'WORKSHOP')),
    least_um double precision not null check (least_um between -300 and 1000),
    most_um double precision not null check (most_um between -300 and 1000),
    source text not null check (length(trim(source)) between 1 and 200),
    primary key (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    check (least_um <= most_um),
    check (authority = 'MAKER' or least_um >= 0),
    -- a maker's figure is for a wheel end; a workshop's rule may be for all of them
    check (authority = 'WORKSHOP' or wheel_end_id is not null)
);
create unique index one_figure_per_authority
    on end_play_figure (workshop_id, coalesce(wheel_end_id, workshop_id), authority);

create table nut_setting (
    id uuid not null unique,
    workshop_id uuid not null,
    wheel_end_id uuid not null,
    set_at timestamptz not null,
    recorded_at timestamptz not null default now(),
    set_by text not null check (length(trim(set_by)) between 1 and 80),
    school text not null,
    thread_designation text not null,
    thread_pitch_um double precision not null,
    lock_words text not null,
    reading_mark smallint not null,
    reading_looser_deg numeric(7, 3) not null,
    reading_end_play_um double precision not null,
    back_off_deg double precision not null,
    engaged_marks smallint[] not null,
    end_play_um double precision not null,
    measured_end_play_um double precision,
    verdict text not null check (verdict in ('PRELOAD', 'TOO_TIGHT', 'INSIDE', 'TOO_LOOSE')),
    window_least_um double precision not null,
    window_most_um double precision not null,
    window_authority text not null check (window_authority in ('MAKER', 'WORKSHOP', 'COMMON_PRACTICE')),
    window_source text not null,
    final_torque_nm double precision check (final_torque_nm > 0),
    final_torque_number double precision,
    final_torque_unit text,
    note text not null check (length(note) <= 1000),
    request_hash bytea not null,
    primary key (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    check (num_nonnulls(final_torque_nm, final_torque_number, final_torque_unit) in (0, 3))
);
comment on table nut_setting is 'Append-only. A wrong setting is put right by a later one.';
comment on column nut_setting.id is 'Made by the client, so that a save tried twice is one setting.';
comment on column nut_setting.request_hash is 'SHA-256 of what was sent: tells a retry from another setting under the same id.';
create index nut_setting_by_wheel_end on nut_setting (workshop_id, wheel_end_id, set_at desc, recorded_at desc);

create function refuse_change() returns trigger language plpgsql as $$
begin
    raise exception '% is append-only: % refused', tg_table_name, tg_op using errcode = 'restrict_violation';
end $$;

create trigger nut_setting_append_only
    before update or delete or truncate on nut_setting
    for each statement execute function refuse_change();
