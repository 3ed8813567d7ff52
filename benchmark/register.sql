-- 25,000 made-up rigs with 100,000 wheel ends in the demo's workshop, for scripts/measure register; fewer with psql -v rigs=.
-- Run as the owner of the tables: triggers are off, so nothing of it is in the audit trail. Half of the settings are overdue,
-- none is outside its window.
\set ON_ERROR_STOP on
\if :{?rigs}
\else
\set rigs 25000
\endif
\if :{?batches}
\else
\set batches 20000
\endif
set session_replication_role = replica;
select setseed(0.42);

create temporary table w as select id from workshop where name = 'Reed-gate workshop';
create function pg_temp.made(text) returns uuid language sql immutable as $$ select md5($1)::uuid $$;

insert into rig (id, workshop_id, kind, name, plate, yard_number, length_mm, width_mm, drawbar_mm,
        owner_name, owner_contact, built_in, uses, distance_by, yearly_km)
    select pg_temp.made('rig' || i), w.id,
        (array['UTILITY_TRAILER', 'BOAT_TRAILER', 'CAMPER', 'HORSE_TRAILER', 'WORK_TRAILER'])[1 + i % 5],
        (array['Amber', 'Birch', 'Cedar', 'Delta', 'Ember', 'Fjord', 'Gravel', 'Heath', 'Iron', 'Juniper'])[1 + i % 10]
            || ' ' || (array['hauler', 'mover', 'rover', 'runner', 'sledge', 'tipper', 'wagon'])[1 + i % 7] || ' ' || i,
        'M' || lpad(i::text, 6, '0'), 1000 + i, 4000, 2000, 1200,
        (array['Alder', 'Brook', 'Crane', 'Dune', 'Elm', 'Fern', 'Grove'])[1 + i % 7] || ' Owner' || (i / 8),
        '', 1980 + i % 45, '{}', 'ESTIMATE', 1000 + i % 9000
    from generate_series(1, :rigs) i, w;
insert into axle (id, workshop_id, rig_id, position, from_front_mm, track_mm)
    select pg_temp.made('axle' || i || '.' || p), w.id, pg_temp.made('rig' || i), p, 2000 + 900 * p, 1900
    from generate_series(1, :rigs) i, generate_series(1, 2) p, w;
insert into wheel_end (id, workshop_id, axle_id, side)
    select pg_temp.made('end' || i || '.' || p || side), w.id, pg_temp.made('axle' || i || '.' || p), side
    from generate_series(1, :rigs) i, generate_series(1, 2) p, unnest(array['LEFT', 'RIGHT']) side, w;
insert into wheel_end_build (id, workshop_id, wheel_end_id, since, construction, thread_designation, thread_pitch_um,
        thread_diameter_um, thread_hand, lock_kind, lock_slots, lock_marks_deg, procedure, seal, cap, brake, cavity, washer)
    select gen_random_uuid(), w.id, pg_temp.made('end' || i || '.' || p || side), date '2024-01-01', 'STEPPED_BRAKED',
        '1-14 UNS', 1814.2857142857142, 25400, 'RIGHT', 'CASTLE_NUT', 6, '{0,90}', 'SEAT_AND_FINGER_TIGHT',
        'DOUBLE_LIP', 'PLAIN', 'DRUM', 'FULL', 'FLAT'
    from generate_series(1, :rigs) i, generate_series(1, 2) p, unnest(array['LEFT', 'RIGHT']) side, w;
insert into nut_setting (id, workshop_id, wheel_end_id, set_at, set_by, procedure, thread_designation, thread_pitch_um,
        lock_words, reading_mark, reading_looser_deg, reading_end_play_um, back_off_deg, engaged_marks, end_play_um, verdict,
        window_least_um, window_most_um, window_usable_um, window_authority, window_source, note)
    select gen_random_uuid(), w.id, pg_temp.made('end' || i || '.' || p || side),
        now() - make_interval(days => (random() * 730)::integer), 'Tobe', 'SEAT_AND_FINGER_TIGHT', '1-14 UNS',
        1814.2857142857142, 'castle nut, 6 slots, holes at 0°, 90°', 1, 15, 0, 15, '{1}', 75, 'INSIDE',
        25, 127, 127, 'WORKSHOP', 'made up', ''
    from generate_series(1, :rigs) i, generate_series(1, 2) p, unnest(array['LEFT', 'RIGHT']) side, w;
insert into fitted_part (id, workshop_id, wheel_end_id, place, designation, cup_designation, batch, condition)
    select pg_temp.made('part' || i || '.' || p || side || place), w.id, pg_temp.made('end' || i || '.' || p || side), place,
        case place when 'INBOARD_BEARING' then 'L68149' else 'L44649' end,
        case place when 'INBOARD_BEARING' then 'L68111' else 'L44610' end, 'MU-' || (i / 3), 'NEW'
    from generate_series(1, :rigs) i, generate_series(1, 2) p, unnest(array['LEFT', 'RIGHT']) side,
        unnest(array['INBOARD_BEARING', 'OUTBOARD_BEARING']) place, w;

-- what was done, from which dues are counted, and two years of a meter
insert into service_event (id, workshop_id, wheel_end_id, action, done_on, source, person_name)
    select gen_random_uuid(), workshop_id, wheel_end_id, 'REPACK', set_at::date, 'SETTING', set_by
    from nut_setting where window_source = 'made up';
insert into meter_entry (id, workshop_id, rig_id, read_on, shows_km, kind)
    select gen_random_uuid(), w.id, r.id, current_date - 720 + 120 * n, n * 1500 + random() * 1400, 'READ'
    from w join rig r on r.workshop_id = w.id and r.yard_number > 1000, generate_series(0, 5) n;

-- a million pieces in and out: 20,000 batches, each taken in once and fitted to 49 wheel ends
insert into stock_item (id, workshop_id, kind, designation, keeps)
    select pg_temp.made('item' || i), w.id, 'SEAL', 'made-up seal ' || i, 'NITRILE_SEAL' from generate_series(1, 200) i, w;
insert into stock_batch (id, workshop_id, item_id, batch, made_on, keeps_until, on_hand)
    select pg_temp.made('batch' || i), w.id, pg_temp.made('item' || (1 + i % 200)), 'MB-' || lpad(i::text, 6, '0'),
        date '2024-01-01', date '2031-01-01', 1
    from generate_series(1, :batches) i, w;
insert into stock_move (id, workshop_id, batch_id, pieces, reason, wheel_end_id, person_id, person_name, at)
    select gen_random_uuid(), w.id, pg_temp.made('batch' || i), case n when 0 then 50 else -1 end,
        case n when 0 then 'RECEIVED' else 'FITTED' end,
        case n when 0 then null else pg_temp.made('end' || (1 + (i * 49 + n) % :rigs) || '.1LEFT') end,
        p.id, 'Ines', timestamptz '2024-01-01' + make_interval(hours => i + n)
    from generate_series(1, :batches) i, generate_series(0, 49) n, w,
        lateral (select id from person where workshop_id = w.id order by id limit 1) p;
analyze stock_item, stock_batch, stock_move;

-- as the application would index them
insert into palette_word
    select distinct w.id, word, 'RIG', r.id, r.id
    from w join rig r on r.workshop_id = w.id and r.yard_number > 1000,
        unnest(regexp_split_to_array(lower(r.name || ' ' || r.plate || ' ' || replace(r.kind, '_', ' ')), '[^a-z0-9]+')) word
    where word <> '';
insert into palette_word
    select distinct w.id, word, 'OWNER', r.id, r.id
    from w join rig r on r.workshop_id = w.id and r.yard_number > 1000,
        unnest(regexp_split_to_array(lower(r.owner_name), '[^a-z0-9]+')) word
    where word <> '';
insert into palette_word
    select distinct w.id, word, 'PART', f.id, a.rig_id
    from w join fitted_part f on f.workshop_id = w.id and f.batch like 'MU-%'
        join wheel_end e on e.workshop_id = w.id and e.id = f.wheel_end_id
        join axle a on a.workshop_id = w.id and a.id = e.axle_id,
        unnest(array[lower(f.designation), lower(f.cup_designation), lower(replace(f.batch, '-', ''))]) word;
-- in any order: the application works the ranks out when the interval changes
insert into rig_standing (workshop_id, pass, rig_id, urgency, attention_on)
    select w.id, p.pass, r.id, 2, date '2024-01-01'
    from w join rank_pass p on p.workshop_id = w.id join rig r on r.workshop_id = w.id and r.yard_number > 1000;
analyze;
select count(*) || ' wheel ends' from wheel_end;
