-- Seed of single plants, weighed one by one: who gave much and who gave little.
create table plant_seed (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    plant varchar(20) not null,
    mass numeric(12, 3) not null check (mass >= 0),
    weighed_on date not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index plant_seed_plant on plant_seed (planting_id, lower(plant));

-- What was written down of a cover and did not happen.
alter table cover_event add taken_back boolean not null default false;

-- Where an off-type stood, as it was told; not known of rings drawn before.
alter table suspect_ring
    add row_number integer check (row_number > 0),
    add along double precision;
