-- Where lots stand, what the air is like there, what is kept back, what was taken and what was counted.
alter table lot add reserved numeric(14, 3) not null default 0 check (reserved >= 0);

create table shelf (
    id uuid primary key,
    version integer not null,
    name varchar(60) not null,
    kind varchar(12) not null check (kind in ('COOL_ROOM', 'FRIDGE', 'FREEZER', 'ROOM')),
    celsius double precision not null check (celsius between -40 and 50),
    humidity double precision not null check (humidity between 0 and 100),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index shelf_name on shelf (lower(name));

create table shelf_reading (
    id uuid primary key,
    version integer not null,
    shelf_id uuid not null references shelf,
    read_at timestamptz not null,
    celsius double precision not null check (celsius between -40 and 50),
    humidity double precision check (humidity between 0 and 100),
    source varchar(60) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index shelf_reading_shelf on shelf_reading (shelf_id, read_at);

create table container (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    number integer not null check (number > 0),
    kind varchar(8) not null check (kind in ('JAR', 'TIN', 'FOIL', 'PAPER', 'SACK')),
    sealed boolean not null,
    emptied_on date,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    unique (lot_id, number)
);

create table container_stay (
    id uuid primary key,
    version integer not null,
    container_id uuid not null references container,
    shelf_id uuid not null references shelf,
    moved_at timestamptz not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index container_stay_container on container_stay (container_id, moved_at);
create index container_stay_shelf on container_stay (shelf_id);

create table stock_taking (
    id uuid primary key,
    version integer not null,
    counted_on date not null,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

create table stock_taking_line (
    id uuid primary key,
    version integer not null,
    stock_taking_id uuid not null references stock_taking,
    lot_id uuid not null references lot,
    packing_run_id uuid references packing_run,
    expected numeric(14, 3) not null,
    found numeric(14, 3) not null check (found >= 0),
    because varchar(12) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index stock_taking_line_taking on stock_taking_line (stock_taking_id);

create table taking (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    packing_run_id uuid references packing_run,
    why varchar(12) not null check (why in ('SOWN', 'TESTED', 'SPOILT', 'RETURNED', 'COUNTED')),
    taken_on date not null,
    mass numeric(14, 3),
    packets integer,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((mass is null) <> (packets is null)),
    check ((packing_run_id is null) = (packets is null))
);
create index taking_lot on taking (lot_id);
