-- Hand pollination: buds closed in the evening, flowers pollinated in the morning, each by its tag.
create table bud_evening (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    closed_on date not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index bud_evening_planting on bud_evening (planting_id, closed_on);
create table bud_evening_plant (
    bud_evening_id uuid not null references bud_evening,
    place integer not null,
    plant integer not null check (plant > 0),
    females integer not null check (females >= 0),
    males integer not null check (males >= 0),
    primary key (bud_evening_id, place)
);

create table flower (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    mother integer not null check (mother > 0),
    tag varchar(20) not null,
    pollinated_at timestamptz not null,
    took boolean,
    looked_on date,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index flower_tag on flower (planting_id, lower(tag));
create table flower_father (
    flower_id uuid not null references flower,
    place integer not null,
    planting_id uuid not null references planting,
    plant integer not null check (plant > 0),
    primary key (flower_id, place)
);

-- Seed wanted from hand pollination, and what a fruit gives.
create table pollination_aim (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null unique references planting,
    seeds integer not null check (seeds > 0),
    per_fruit double precision not null check (per_fruit > 0),
    variation double precision not null check (variation between 0 and 2),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

-- Bags and cages, and what was done with them.
create table cover (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    kind varchar(10) not null check (kind in ('BAG', 'CAGE')),
    tag varchar(20) not null,
    put_on date not null,
    open_flowers boolean not null,
    taken_off date,
    fruit_set boolean not null,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index cover_tag on cover (planting_id, lower(tag));
create table cover_event (
    id uuid primary key,
    version integer not null,
    cover_id uuid not null references cover,
    kind varchar(10) not null check (kind in ('SHAKEN', 'INSECTS', 'OPENED')),
    first_day date not null,
    last_day date not null,
    insects integer check (insects > 0),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index cover_event_cover on cover_event (cover_id);

-- Whether a planting's covers were found not to have been tight; then it stood open.
alter table planting add cover_leaked boolean not null default false;
-- Fruit that nobody tagged may be anybody's.
alter table lot add untagged boolean not null default false;
