-- Plants counted through the life of a stand, and what waits in store.
create table plant_count (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    point varchar(20) not null
        check (point in ('RAISED', 'SET_OUT', 'LIFTED', 'STORED', 'REPLANTED', 'AFTER_WINTER', 'STANDING')),
    plants integer not null check (plants >= 0),
    counted_on date not null,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index plant_count_planting on plant_count (planting_id, counted_on);

create table store_look (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    seen_on date not null,
    pieces integer not null check (pieces > 0),
    thrown_out integer not null check (thrown_out >= 0),
    small integer check (small >= 0),
    medium integer check (medium >= 0),
    large integer check (large >= 0),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index store_look_planting on store_look (planting_id, seen_on);
