-- How a workshop does what can be done in several ways; what it has not said goes as most do it.
create table usual_choice (
    id uuid not null unique,
    workshop_id uuid not null references workshop,
    choice text not null check (choice in (
        'HUB_BRINGS', 'WHEEL', 'REUSE', 'INBOARD_CONE', 'CLEANING', 'CUP_REMOVAL', 'RACES', 'PACKING', 'CAP_FILL')),
    way text not null check (way ~ '^[A-Z_]{1,40}$'),
    primary key (workshop_id, choice)
);
call isolate_and_audit('usual_choice', 'select, insert, update');
