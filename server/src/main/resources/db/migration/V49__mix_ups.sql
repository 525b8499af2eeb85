-- Two lots that may have been mixed up: one event that names both, until somebody has found out.
create table mix_up (
    id uuid primary key,
    version integer not null,
    first_lot_id uuid not null references lot,
    second_lot_id uuid not null references lot,
    found_on date not null,
    what varchar(300) not null,
    ending varchar(12) check (ending in ('SAME', 'TOLD_APART', 'GRADED_DOWN')),
    ended_on date,
    how varchar(300) not null default '',
    ended_by varchar(60),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check (first_lot_id <> second_lot_id),
    check ((ending is null) = (ended_on is null))
);
create index mix_up_first on mix_up (first_lot_id);
create index mix_up_second on mix_up (second_lot_id);
select watch_changes('mix_up');
