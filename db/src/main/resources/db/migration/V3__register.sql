-- The register: owners, dated builds of wheel ends, what is fitted, figures of three authorities, own bearing sets,
-- the palette's words, and how each rig stands. Distances in kilometres (_km) as people read them off a meter.

-- Rigs -----------------------------------------------------------------------------------------------------------------

create function plain_plate(plate text) returns text language sql immutable strict parallel safe
    as $$ select upper(regexp_replace(plate, '[^[:alnum:]]', '', 'g')) $$;
comment on function plain_plate(text) is 'OT 104-B and ot104b are one plate.';

alter table rig
    add column owner_name text not null default '' check (length(owner_name) <= 80),
    add column owner_contact text not null default '' check (length(owner_contact) <= 200),
    add column built_in smallint check (built_in between 1900 and 2100),
    add column uses text[] not null default '{}'
        check (uses <@ array['SALT_WATER', 'FRESH_WATER', 'OFF_ROAD', 'BRAKED', 'LOADED_HIGH', 'LONG_STORAGE', 'LONG_TRIPS']),
    add column distance_by text not null default 'ESTIMATE'
        check (distance_by in ('ODOMETER', 'HUB_METER', 'TRIPS', 'ESTIMATE')),
    add column distance_km integer check (distance_km between 0 and 5000000),
    add column distance_read_on date,
    add column yearly_km integer check (yearly_km between 0 and 300000),
    add column version integer not null default 1,
    add column plate_key text collate "C" generated always as (plain_plate(plate)) stored,
    add constraint distance_has_a_day check ((distance_km is null) = (distance_read_on is null)),
    drop constraint rig_kind_check,
    add constraint rig_kind_check check (kind in (
        'UTILITY_TRAILER', 'BOAT_TRAILER', 'CAMPER', 'HORSE_TRAILER', 'WORK_TRAILER',
        'CLASSIC_CAR', 'LIGHT_TRUCK', 'FOUR_WHEEL_DRIVE', 'HEAVY_TRAILER'));
comment on column rig.yearly_km is 'What it is thought to run in a year, for rigs without a meter.';
-- two rigs of one plate, from before it was forbidden, keep it; the later one is marked
update rig set plate = left(plate, 15) || ' #' || yard_number
    where plate_key <> '' and exists (
        select from rig other
        where other.workshop_id = rig.workshop_id and other.plate_key = rig.plate_key
          and other.yard_number < rig.yard_number);
create unique index one_rig_per_plate on rig (workshop_id, plate_key) where plate_key <> '';
create index rig_by_owner on rig (workshop_id, owner_name) where owner_name <> '';

create table rig_photo (
    id uuid not null unique,
    workshop_id uuid not null,
    rig_id uuid not null,
    media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/gif')),
    image bytea not null check (length(image) between 1 and 10485760),
    primary key (workshop_id, id),
    unique (workshop_id, rig_id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
call wall_and_audit('rig_photo', 'select, insert, update, delete');

-- Wheel ends: what they are made of, each change from its day on ---------------------------------------------------------

create table wheel_end_build (
    id uuid not null unique,
    workshop_id uuid not null,
    wheel_end_id uuid not null,
    since date not null,
    construction text not null check (construction in (
        'STRAIGHT_SPINDLE', 'STEPPED_UNBRAKED', 'STEPPED_BRAKED', 'GREASE_THROUGH', 'ROTOR_HUB', 'CLASSIC_CAR',
        'SPACER_SET', 'FULL_FLOATING_REAR', 'DRIVE_FLANGE_FRONT', 'LOCKING_HUB_FRONT', 'OIL_BATH_HEAVY', 'HUB_EXCHANGE')),
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
    school text not null check (school in ('SEAT_AND_FINGER_TIGHT', 'TORQUE_HALF_TURN_TORQUE', 'INCH_POUND')),
    seal text not null check (seal in ('LIP', 'DOUBLE_LIP', 'MARINE_TWO_PIECE', 'UNITIZED')),
    cap text not null check (cap in ('PLAIN', 'SPRING_LOADED', 'RUBBER_PLUG', 'OIL_WINDOW', 'DRIVE_FLANGE', 'NONE')),
    brake text not null check (brake in ('NONE', 'DRUM', 'DISC')),
    cavity text not null check (cavity in ('EMPTY', 'RING', 'THIRD', 'FULL', 'OIL')),
    washer text not null check (washer in ('FLAT', 'D_SHAPED', 'KEYED', 'TANGED')),
    dimensions_um jsonb not null default '{}' check (jsonb_typeof(dimensions_um) = 'object'),
    primary key (workshop_id, id),
    unique (workshop_id, wheel_end_id, since),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    check ((lock_slots is not null) = (lock_kind in ('CASTLE_NUT', 'SEATED_RETAINER'))),
    check ((lock_seats is not null) = (lock_kind = 'SEATED_RETAINER')),
    check ((lock_flats is not null) = (lock_kind = 'TANG_WASHER')),
    check (num_nonnulls(lock_plate_holes, lock_ring_holes, lock_screws)
        = case when lock_kind = 'LOCK_PLATE' then 3 else 0 end),
    check ((cardinality(lock_marks_deg) > 0) = (lock_kind in ('CASTLE_NUT', 'SEATED_RETAINER', 'TANG_WASHER')))
);
comment on column wheel_end_build.since is 'Holds from this day until the next one''s; a second change on a day replaces the first.';
comment on column wheel_end_build.lock_marks_deg is 'Cotter holes or tangs, from the first, in the loosening direction.';
comment on column wheel_end_build.dimensions_um is 'Measured sizes by the core''s names; what was not measured is not in it.';

insert into wheel_end_build (
    id, workshop_id, wheel_end_id, since, construction,
    thread_designation, thread_pitch_um, thread_diameter_um, thread_hand,
    lock_kind, lock_slots, lock_seats, lock_flats, lock_plate_holes, lock_ring_holes, lock_screws, lock_marks_deg,
    school, seal, cap, brake, cavity, washer, dimensions_um)
select gen_random_uuid(), workshop_id, id, date '2000-01-01', code,
    thread_designation, thread_pitch_um, thread_diameter_um, thread_hand,
    lock_kind, lock_slots, lock_seats, lock_flats, lock_plate_holes, lock_ring_holes, lock_screws, lock_marks_deg,
    school, 'LIP',
    case when code in ('FULL_FLOATING_REAR', 'DRIVE_FLANGE_FRONT', 'LOCKING_HUB_FRONT') then 'DRIVE_FLANGE'
         when code = 'GREASE_THROUGH' then 'RUBBER_PLUG' when code = 'SPACER_SET' then 'NONE' else 'PLAIN' end,
    case when code in ('STEPPED_BRAKED', 'GREASE_THROUGH', 'FULL_FLOATING_REAR', 'OIL_BATH_HEAVY') then 'DRUM'
         when code in ('ROTOR_HUB', 'CLASSIC_CAR', 'DRIVE_FLANGE_FRONT', 'LOCKING_HUB_FRONT') then 'DISC' else 'NONE' end,
    case when code = 'OIL_BATH_HEAVY' then 'OIL' else 'FULL' end,
    'FLAT',
    case when washer_thickness_um is null then '{}'::jsonb
         else jsonb_build_object('WASHER_THICKNESS', washer_thickness_um) end
from (
    select w.*, case
        when w.construction ilike '%grease-through%' then 'GREASE_THROUGH'
        when w.construction ilike '%exchange%' then 'HUB_EXCHANGE'
        when w.construction ilike '%oil%' then 'OIL_BATH_HEAVY'
        when w.construction ilike '%locking hub%' then 'LOCKING_HUB_FRONT'
        when w.construction ilike '%drive flange%' then 'DRIVE_FLANGE_FRONT'
        when w.construction ilike '%floating%' then 'FULL_FLOATING_REAR'
        when w.construction ilike '%spacer%' then 'SPACER_SET'
        when w.construction ilike '%classic%' then 'CLASSIC_CAR'
        when w.construction ilike '%rotor%' then 'ROTOR_HUB'
        when w.construction ilike '%unbraked%' then 'STEPPED_UNBRAKED'
        when w.construction ilike '%braked%' then 'STEPPED_BRAKED'
        when w.construction ilike '%straight%' then 'STRAIGHT_SPINDLE'
        else 'STEPPED_UNBRAKED' end as code
    from wheel_end w) coded;
call wall_and_audit('wheel_end_build', 'select, insert, update');

alter table wheel_end
    drop column construction, drop column thread_designation, drop column thread_pitch_um, drop column thread_diameter_um,
    drop column thread_hand, drop column lock_kind, drop column lock_slots, drop column lock_seats, drop column lock_flats,
    drop column lock_plate_holes, drop column lock_ring_holes, drop column lock_screws, drop column lock_marks_deg,
    drop column washer_thickness_um, drop column school,
    add column version integer not null default 1;

-- What is fitted -------------------------------------------------------------------------------------------------------

create table fitted_part (
    id uuid not null unique,
    workshop_id uuid not null,
    wheel_end_id uuid not null,
    place text not null check (place in (
        'INBOARD_BEARING', 'OUTBOARD_BEARING', 'SEAL', 'WASHER', 'NUT', 'LOCK', 'CAP', 'SPACER')),
    designation text not null check (length(trim(designation)) between 1 and 40),
    cup_designation text check (length(trim(cup_designation)) between 1 and 40),
    cone_pair_number text check (length(trim(cone_pair_number)) between 1 and 20),
    cup_pair_number text check (length(trim(cup_pair_number)) between 1 and 20),
    grade_note text not null default '' check (length(grade_note) <= 200),
    batch text not null default '' check (length(batch) <= 40),
    packed_on date,
    fitted_on date,
    fitted_km integer check (fitted_km between 0 and 5000000),
    condition text not null check (condition in ('NEW', 'REUSED')),
    removed_on date,
    primary key (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    -- cup and cone of a position are one set: neither stands alone, nor with the other's pair
    check ((cup_designation is not null) = (place in ('INBOARD_BEARING', 'OUTBOARD_BEARING'))),
    check (num_nonnulls(cone_pair_number, cup_pair_number) in (0, 2) and cone_pair_number is not distinct from cup_pair_number),
    check (packed_on <= fitted_on),
    check (fitted_on <= removed_on)
);
comment on column fitted_part.designation is 'Of a bearing: its cone.';
create unique index one_part_per_place on fitted_part (workshop_id, wheel_end_id, place) where removed_on is null;
create index fitted_part_by_wheel_end on fitted_part (workshop_id, wheel_end_id);
call wall_and_audit('fitted_part', 'select, insert, update');

-- Figures --------------------------------------------------------------------------------------------------------------

create table figure (
    id uuid not null unique,
    workshop_id uuid not null references workshop,
    authority text not null check (authority in ('MAKER', 'WORKSHOP')),
    kind text not null check (kind in ('NUT_SEQUENCE', 'END_PLAY', 'WHEEL_NUT_TORQUE', 'GREASE', 'INTERVAL')),
    rig_id uuid,
    axle_id uuid,
    wheel_end_id uuid,
    source text not null check (length(trim(source)) between 1 and 200),
    school text check (school in ('SEAT_AND_FINGER_TIGHT', 'TORQUE_HALF_TURN_TORQUE', 'INCH_POUND')),
    words text check (length(trim(words)) between 1 and 300),
    least_um double precision check (least_um between -300 and 1000),
    most_um double precision check (most_um between -300 and 1000),
    least_nm double precision check (least_nm > 0),
    most_nm double precision check (most_nm > 0),
    months smallint check (months between 1 and 120),
    distance_km integer check (distance_km between 100 and 1000000),
    version integer not null default 1,
    primary key (workshop_id, id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id),
    foreign key (workshop_id, axle_id) references axle (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    check (num_nonnulls(rig_id, axle_id, wheel_end_id) <= 1),
    -- a maker's figure is for a rig, an axle or a wheel end; a workshop's rule may be for all of them
    check (authority = 'WORKSHOP' or num_nonnulls(rig_id, axle_id, wheel_end_id) = 1),
    check ((school is not null) = (kind = 'NUT_SEQUENCE')),
    check ((words is not null) = (kind = 'GREASE') or kind = 'NUT_SEQUENCE'),
    check (num_nonnulls(least_um, most_um) = case when kind = 'END_PLAY' then 2 else 0 end and least_um <= most_um),
    check (num_nonnulls(least_nm, most_nm) = case when kind = 'WHEEL_NUT_TORQUE' then 2 else 0 end and least_nm <= most_nm),
    check ((months is not null) = (kind = 'INTERVAL')),
    check (distance_km is null or kind = 'INTERVAL'),
    check (kind <> 'END_PLAY' or authority = 'MAKER' or least_um >= 0)
);
create unique index one_figure_per_place
    on figure (workshop_id, coalesce(wheel_end_id, axle_id, rig_id, workshop_id), authority, kind);
insert into figure (id, workshop_id, authority, kind, wheel_end_id, source, least_um, most_um)
    select id, workshop_id, authority, 'END_PLAY', wheel_end_id, source, least_um, most_um from end_play_figure;
drop table end_play_figure;
call wall_and_audit('figure', 'select, insert, update, delete');

-- Own bearing sets ---------------------------------------------------------------------------------------------------------

create table own_bearing_set (
    id uuid not null unique,
    workshop_id uuid not null references workshop,
    cone text collate "C" not null check (cone ~ '^[A-Z0-9-]{2,20}$'),
    cup text collate "C" not null check (cup ~ '^[A-Z0-9-]{2,20}$'),
    series text not null check (series in ('INCH', 'METRIC')),
    bore_um double precision not null check (bore_um > 0),
    outside_um double precision not null check (outside_um > bore_um),
    width_um double precision not null check (width_um > 0),
    cone_width_um double precision not null check (cone_width_um > 0),
    cup_width_um double precision not null check (cup_width_um > 0),
    e double precision not null check (e between 0.2 and 0.8),
    source text not null check (length(trim(source)) between 1 and 200),
    primary key (workshop_id, id),
    unique (workshop_id, cone, cup)
);
call wall_and_audit('own_bearing_set', 'select, insert, delete');

-- What is derived from the register: no audit, it can be made again ------------------------------------------------------

create procedure wall_only(walled regclass, rights text) language plpgsql as $$
begin
    execute format('alter table %s enable row level security', walled);
    execute format('create policy wall on %s to oldtallow_app using (workshop_id = wall()) with check (workshop_id = wall())', walled);
    execute format('grant %s on %s to oldtallow_app', rights, walled);
end $$;
comment on procedure wall_only(regclass, text) is 'For tables that only repeat what audited tables say.';

create table palette_word (
    workshop_id uuid not null references workshop,
    word text collate "C" not null check (length(word) between 1 and 80),
    kind text not null check (kind in ('RIG', 'OWNER', 'PART')),
    target_id uuid not null,
    rig_id uuid not null,
    primary key (workshop_id, word, kind, target_id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
comment on table palette_word is 'Words by which the palette finds rigs, owners and parts: lower case, prefix search.';
comment on column palette_word.target_id is 'The rig, or the fitted part.';
create index palette_word_by_target on palette_word (workshop_id, target_id);
create index palette_word_by_rig on palette_word (workshop_id, rig_id);
call wall_only('palette_word', 'select, insert, delete');

create table rig_standing (
    workshop_id uuid not null,
    rig_id uuid not null,
    urgency smallint not null check (urgency between 0 and 2),
    attention_on date not null,
    owner_name text not null,
    primary key (workshop_id, rig_id),
    foreign key (workshop_id, rig_id) references rig (workshop_id, id)
);
comment on table rig_standing is 'The worst wheel end of each rig, by which the yard is sorted; its owner again, to sort those of one.';
comment on column rig_standing.urgency is '0 outside its window, 1 awaits sign-off, 2 by date.';
create index yard_order on rig_standing (workshop_id, urgency, attention_on, rig_id);
create index yard_order_of_owner on rig_standing (workshop_id, owner_name, urgency, attention_on, rig_id);
call wall_only('rig_standing', 'select, insert, update');
-- until the application first works them out
insert into rig_standing select workshop_id, id, 2, date '2000-01-01', '' from rig;

grant execute on function plain_plate(text) to oldtallow_app;
