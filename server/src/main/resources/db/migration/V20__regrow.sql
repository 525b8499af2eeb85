-- What the farm expects to need of a variety in a year, where it knows better than its sales.
create table variety_demand (
    id uuid primary key,
    version integer not null,
    variety_id uuid not null unique references variety,
    grams numeric(14, 3) not null check (grams >= 0),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
