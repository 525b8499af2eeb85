-- Seed looked at for weevils.
create table weevil_look (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    looked_on date not null,
    seeds integer not null check (seeds > 0),
    bored integer not null check (bored between 0 and seeds),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index weevil_look_lot on weevil_look (lot_id, looked_on);

-- Who has read which caution in which season.
create table caution_read (
    id uuid primary key,
    version integer not null,
    season integer not null,
    caution varchar(60) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index caution_read_once on caution_read (recorded_by, season, caution);

-- Why mass went missing, so that it can be counted.
alter table step add missing_reason varchar(20)
    check (missing_reason in ('SPILT', 'BLOWN_OFF', 'LEFT_BEHIND', 'EATEN', 'MISTYPED', 'MOISTURE', 'OTHER'));
