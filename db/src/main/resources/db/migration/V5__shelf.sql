-- The shelf: what is in the stores, by batch, and every piece in and out. What moved is only ever added.

create table stock_item (
    id uuid not null unique,
    workshop_id uuid not null,
    kind text not null check (kind in (
        'BEARING', 'SEAL', 'WASHER', 'NUT', 'LOCK', 'CAP', 'GASKET', 'HUB', 'GREASE', 'SUPPLY', 'SPARE_BAG')),
    designation text not null check (length(trim(designation)) between 1 and 60),
    words text not null default '' check (length(words) <= 200),
    supplier text not null default '' check (length(supplier) <= 80),
    price_cents bigint not null default 0 check (price_cents between 0 and 100000000),
    keeps text not null check (keeps in (
        'NITRILE_SEAL', 'GREASE_IN_ITS_TIN', 'WRAPPED_BEARING', 'PACKED_BEARING_BAGGED', 'METAL_PART')),
    want integer not null default 0 check (want between 0 and 10000),
    version integer not null default 1,
    primary key (workshop_id, id)
);
comment on column stock_item.price_cents is 'Of one piece, in hundredths of the workshop''s currency.';
comment on column stock_item.want is 'How many are to lie on the shelf at least.';
create unique index one_item_per_designation on stock_item (workshop_id, kind, lower(designation));
call wall_and_audit('stock_item', 'select, insert, update');

create table stock_batch (
    id uuid not null unique,
    workshop_id uuid not null,
    item_id uuid not null,
    batch text not null check (length(trim(batch)) between 1 and 40),
    made_on date not null,
    keeps_until date not null,
    note text not null default '' check (length(note) <= 400),
    on_hand integer not null check (on_hand >= 0),
    primary key (workshop_id, id),
    foreign key (workshop_id, item_id) references stock_item (workshop_id, id),
    check (keeps_until >= made_on)
);
comment on column stock_batch.batch is 'Batch or trace number; of a sealed bag the number written on it.';
comment on column stock_batch.made_on is 'Packed, cured or sealed on that day.';
comment on column stock_batch.note is 'What is in a bag, which grease, where a get-home spare has run.';
comment on column stock_batch.on_hand is 'Sum of its moves; never below nothing.';
create unique index one_batch_per_item on stock_batch (workshop_id, item_id, lower(batch));
create index batch_by_number on stock_batch (workshop_id, lower(batch) text_pattern_ops);
call wall_and_audit('stock_batch', 'select, insert, update');

create table stock_move (
    id uuid not null unique,
    workshop_id uuid not null,
    batch_id uuid not null,
    pieces integer not null check (pieces <> 0 and pieces between -10000 and 10000),
    reason text not null check (reason in ('RECEIVED', 'FITTED', 'TAKEN_BACK', 'COUNTED', 'SCRAPPED')),
    wheel_end_id uuid,
    note text not null default '' check (length(note) <= 400),
    person_id uuid not null,
    person_name text not null,
    at timestamptz not null,
    primary key (workshop_id, id),
    foreign key (workshop_id, batch_id) references stock_batch (workshop_id, id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id),
    foreign key (workshop_id, person_id) references person (workshop_id, id),
    check ((wheel_end_id is not null) = (reason in ('FITTED', 'TAKEN_BACK')))
);
comment on table stock_move is 'Never changed, never deleted: a mistake is moved back.';
comment on column stock_move.pieces is 'Onto the shelf above nothing, off it below.';
create index move_by_batch on stock_move (workshop_id, batch_id, at);
create index move_by_wheel_end on stock_move (workshop_id, wheel_end_id, at) where wheel_end_id is not null;
call wall_and_audit('stock_move', 'select, insert');

create table planned_job (
    id uuid not null unique,
    workshop_id uuid not null,
    wheel_end_id uuid not null,
    scope text not null check (scope in ('ADJUST', 'REPACK', 'RENEW', 'EXCHANGE', 'ROADSIDE', 'FIRST_BUILD')),
    wanted_on date not null,
    primary key (workshop_id, id),
    unique (workshop_id, wheel_end_id),
    foreign key (workshop_id, wheel_end_id) references wheel_end (workshop_id, id)
);
comment on table planned_job is 'What the order list is made for; a plan is taken away when its job is done or dropped.';
call wall_and_audit('planned_job', 'select, insert, update, delete');

create index fitted_part_by_batch on fitted_part (workshop_id, lower(batch)) where batch <> '';
