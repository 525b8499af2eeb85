-- What was read while a step was under way.
create table reading (
    id uuid primary key,
    version integer not null,
    step_id uuid not null references step,
    taken_at timestamptz not null,
    quantity varchar(10) not null check (quantity in ('MASS', 'MASH', 'AIR', 'HUMIDITY')),
    reading_value double precision not null,
    source varchar(40) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index reading_step on reading (step_id, taken_at);

-- Moisture a tray is dried to, where it is not what sealed packs ask.
alter table step add target double precision check (target > 0 and target <= 20);

-- Who worked at a step, in what, and how.
alter table step
    add people integer not null default 1 check (people > 0),
    add vessels varchar(80) not null default '',
    add way varchar(80) not null default '',
    add hole double precision check (hole > 0);

-- A lot's own order of steps, where it is not its crop's usual one; and the farm's own, by name.
create table lot_chain (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null unique references lot,
    steps varchar(400) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create table farm_chain (
    id uuid primary key,
    version integer not null,
    crop_key varchar(40) not null,
    name varchar(60) not null,
    steps varchar(400) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index farm_chain_name on farm_chain (crop_key, lower(name));
