-- Seed looked at to see whether a step was set right.
create table setting_check (
    id uuid primary key,
    version integer not null,
    step_id uuid not null references step,
    looked_on date not null,
    look varchar(20) not null check (look in ('DISCARD_CUT', 'DISCARD_GERMINATED', 'KEPT_BROKEN')),
    seeds integer not null check (seeds > 0),
    found integer not null check (found between 0 and seeds),
    discarded numeric(12, 3) check (discarded > 0),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index setting_check_step on setting_check (step_id, looked_on);
