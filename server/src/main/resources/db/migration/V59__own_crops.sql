-- Crops of the farm's own, each begun from one that ships with the app: cells of the crop tables that are the farm's own.
create table own_crop (
    id uuid primary key,
    version integer not null,
    key varchar(40) not null unique check (key ~ '^[a-z0-9]+(-[a-z0-9]+)*$'),
    like_key varchar(40) not null,
    cells text not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index on own_crop (recorded_at);
select watch_changes('own_crop');
