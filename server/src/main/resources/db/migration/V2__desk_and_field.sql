-- Ground: beds, barriers, and what is taken off the map.
alter table plot add removed boolean not null default false;
alter table plot drop constraint plot_name_key;
create unique index plot_name on plot (lower(name)) where not removed;

create table bed (
    id uuid primary key,
    version integer not null,
    plot_id uuid not null references plot,
    name varchar(60) not null,
    corners text not null,
    removed boolean not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index bed_name on bed (plot_id, lower(name)) where not removed;

create table barrier (
    id uuid primary key,
    version integer not null,
    name varchar(60) not null,
    corners text not null,
    kind varchar(20) not null check (kind in ('WOOD', 'HEDGE', 'BUILDING', 'TALL_CROP')),
    height double precision not null,
    held double precision not null check (held between 0 and 0.9),
    removed boolean not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

alter table neighbour add removed boolean not null default false;
alter table neighbour add agreed_by date;

-- A farm's own frosts, month and day.
alter table farm add last_frost varchar(7);
alter table farm add first_frost varchar(7);

-- A copy of a season to change freely.
create table scheme (
    id uuid primary key,
    version integer not null,
    name varchar(80) not null,
    season integer not null,
    state varchar(10) not null check (state in ('OPEN', 'KEPT', 'DROPPED')),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index scheme_season on scheme (season);

-- Plantings: where on the plot, how far apart, how pollen is kept out, the second year of a root, what was seen.
alter table planting
    add stretches text not null default '[]',
    add in_row double precision,
    add between_rows double precision,
    add control varchar(20) not null default 'OPEN'
        check (control in ('OPEN', 'CAGED', 'BAGGED', 'HAND_POLLINATED')),
    add every_flower boolean not null default true,
    add dropped double precision not null default 0,
    add volunteers_pulled boolean not null default false,
    add lifted_on date,
    add replanted_on date,
    add root_plot_id uuid references plot,
    add cleared_on date,
    add rest_overruled varchar(300) not null default '',
    add first_flower_on date,
    add selected double precision not null default 1,
    add given_up boolean not null default false,
    add scheme_id uuid references scheme,
    add copied_from uuid references planting,
    add copied_version integer;
create index planting_scheme on planting (scheme_id);

-- What the weather was, a row a day.
create table weather_day (
    day date primary key,
    low double precision not null,
    high double precision not null,
    source varchar(60) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

-- Figures of the farm's own, beside those of the crop table.
create table own_figure (
    id uuid primary key,
    version integer not null,
    crop_key varchar(40) not null,
    figure varchar(40) not null,
    value double precision,
    reason varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    unique (crop_key, figure)
);

-- Secret addresses of the calendar.
create table calendar_feed (
    id uuid primary key,
    version integer not null,
    secret varchar(60) not null unique,
    revoked boolean not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
