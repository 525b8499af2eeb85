-- Visits to ripening rows: of so many looked at, so many ripe.
create table ripening_visit (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    visited_on date not null,
    ripe integer not null check (ripe >= 0),
    looked_at integer not null check (looked_at >= ripe and looked_at > 0),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index ripening_visit_planting on ripening_visit (planting_id, visited_on);
