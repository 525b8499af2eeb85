-- Who works here, and what was tried at the door.
create table account (
    id uuid primary key,
    version integer not null,
    name varchar(60) not null,
    password_hash varchar(200) not null,
    role varchar(20) not null check (role in ('GROWER', 'HAND', 'VISITOR')),
    units varchar(10) not null check (units in ('METRIC', 'US')),
    theme varchar(10) not null check (theme in ('DAYLIGHT', 'LAMP')),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index account_name on account (lower(name));

create table login_attempt (
    id uuid primary key,
    name varchar(60) not null,
    address varchar(60) not null,
    tried_at timestamptz not null
);
create index login_attempt_recent on login_attempt (tried_at);

create table spring_session (
    primary_id char(36) primary key,
    session_id char(36) not null unique,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval integer not null,
    expiry_time bigint not null,
    principal_name varchar(100)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session on delete cascade,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    primary key (session_primary_id, attribute_name)
);

create table farm (
    id uuid primary key,
    version integer not null,
    name varchar(80) not null,
    lon double precision not null,
    lat double precision not null,
    time_zone varchar(60) not null,
    currency varchar(3) not null,
    climate_mean double precision not null,
    climate_amplitude double precision not null,
    climate_coldest_day integer not null,
    climate_half double precision not null,
    demo boolean not null,
    clock timestamptz,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

-- What a correction replaced. Nothing is ever changed without a row here.
create table correction (
    id uuid primary key,
    subject varchar(30) not null,
    subject_id uuid not null,
    field varchar(40) not null,
    was text not null,
    became text not null,
    reason varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index correction_subject on correction (subject_id, recorded_at);

-- Ground.
create table plot (
    id uuid primary key,
    version integer not null,
    name varchar(60) not null unique,
    corners text not null,
    position_error double precision not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

create table neighbour (
    id uuid primary key,
    version integer not null,
    name varchar(60) not null,
    crop_key varchar(40) not null,
    corners text not null,
    position_error double precision not null,
    area double precision not null,
    season integer not null,
    bloom_first date,
    bloom_last date,
    seen_on date not null,
    sure boolean not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index neighbour_season on neighbour (season);

-- Varieties and where they were planted.
create table variety (
    id uuid primary key,
    version integer not null,
    crop_key varchar(40) not null,
    name varchar(80) not null,
    source varchar(120) not null,
    year_received integer not null,
    treated boolean not null,
    hybrid boolean not null,
    breeding_out boolean not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index variety_name on variety (crop_key, lower(name));

create table planting (
    id uuid primary key,
    version integer not null,
    season integer not null,
    variety_id uuid not null references variety,
    plot_id uuid not null references plot,
    purpose varchar(10) not null check (purpose in ('SEED', 'EATING')),
    grade varchar(10) not null check (grade in ('OWN_USE', 'MARKET', 'STOCK')),
    flowers boolean not null,
    sown_on date not null,
    set_out_on date,
    plants integer not null check (plants > 0),
    germination double precision not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index planting_season on planting (season);
create index planting_variety on planting (variety_id);

-- Walks.
create table walk (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    stage varchar(80) not null,
    walked_on date not null,
    looked_at integer not null check (looked_at > 0),
    sick integer not null check (sick >= 0),
    note varchar(500) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index walk_planting on walk (planting_id);
create table walk_off_type (
    walk_id uuid not null references walk,
    place integer not null,
    kind varchar(120) not null,
    plants integer not null check (plants > 0),
    primary key (walk_id, place)
);

-- Lots.
create table lot_serial (
    year integer not null,
    crop_code varchar(3) not null,
    last integer not null,
    primary key (year, crop_code)
);
create table lot (
    id uuid primary key,
    version integer not null,
    number varchar(40) not null unique,
    folded varchar(40) not null unique,
    planting_id uuid not null references planting,
    variety_id uuid not null references variety,
    season integer not null,
    grade varchar(10) not null,
    label_printed_at timestamptz,
    hold_reason varchar(300),
    held_at timestamptz,
    held_by varchar(60),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index lot_planting on lot (planting_id);
create index lot_variety on lot (variety_id);

create table harvest (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null unique references lot,
    picked_on date not null,
    mass numeric(14, 3) not null check (mass > 0),
    plants integer not null check (plants > 0),
    note varchar(500) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

-- Bench.
create table step (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    place integer not null,
    kind varchar(20) not null,
    begun_at timestamptz not null,
    ended_at timestamptz,
    mass_in numeric(14, 3) not null check (mass_in > 0),
    water_added numeric(14, 3) not null check (water_added >= 0),
    mass_out numeric(14, 3) check (mass_out > 0),
    moisture_in double precision,
    moisture_out double precision,
    temperature double precision,
    minutes integer check (minutes >= 0),
    missing_because varchar(300) not null,
    note varchar(500) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    unique (lot_id, place)
);
create table step_by_product (
    step_id uuid not null references step,
    place integer not null,
    what varchar(80) not null,
    mass numeric(14, 3) not null check (mass > 0),
    gone_to varchar(80) not null,
    primary key (step_id, place)
);

-- Tests.
create table germination_test (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    set_on date not null,
    counted_on date not null,
    per_replicate integer not null,
    counts integer[] not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index germination_test_lot on germination_test (lot_id, counted_on);
create table seed_weight_test (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    weighed_on date not null,
    grams float8[] not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index seed_weight_test_lot on seed_weight_test (lot_id, weighed_on);

-- Stall.
create table packing_run (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    packed_on date not null,
    seeds integer,
    fill numeric(12, 4) not null check (fill > 0),
    packets integer not null check (packets > 0),
    bulk_before numeric(14, 3) not null,
    bulk_after numeric(14, 3) not null check (bulk_after >= 0),
    price numeric(12, 2) not null check (price >= 0),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index packing_run_lot on packing_run (lot_id);

create table customer (
    id uuid primary key,
    version integer not null,
    name varchar(80) not null,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index customer_name on customer (lower(name));

create table sale (
    id uuid primary key,
    version integer not null,
    customer_id uuid not null references customer,
    lot_id uuid not null references lot,
    packing_run_id uuid references packing_run,
    sold_on date not null,
    packets integer check (packets > 0),
    bulk numeric(14, 3) check (bulk > 0),
    price numeric(12, 2) not null check (price >= 0),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((packets is null) <> (bulk is null)),
    check ((packets is null) = (packing_run_id is null))
);
create index sale_lot on sale (lot_id);
create index sale_sold_on on sale (sold_on);
