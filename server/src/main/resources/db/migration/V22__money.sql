-- What the farm reckons its costs with; one row, once somebody said so.
create table money_rates (
    id uuid primary key,
    version integer not null,
    wage numeric(12, 2) not null check (wage >= 0),
    ground numeric(12, 4) not null check (ground >= 0),
    packet numeric(12, 4) not null check (packet >= 0),
    fees double precision not null check (fees >= 0 and fees < 100),
    unsold double precision not null check (unsold >= 0 and unsold < 100),
    margin double precision not null check (margin >= 0 and margin < 100),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check (fees + margin < 100)
);

-- Hours that no other record tells of, on a planting or on one lot.
create table work_done (
    id uuid primary key,
    version integer not null,
    planting_id uuid references planting,
    lot_id uuid references lot,
    kind varchar(12) not null,
    done_on date not null,
    people integer not null check (people > 0),
    minutes integer not null check (minutes >= 0),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((planting_id is null) <> (lot_id is null))
);
create index work_done_planting on work_done (planting_id);
create index work_done_lot on work_done (lot_id);

-- Money spent on a planting or on one lot.
create table outlay (
    id uuid primary key,
    version integer not null,
    planting_id uuid references planting,
    lot_id uuid references lot,
    kind varchar(9) not null check (kind in ('MATERIALS', 'OWN_SEED')),
    spent_on date not null,
    amount numeric(12, 2) not null check (amount >= 0),
    what varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((planting_id is null) <> (lot_id is null))
);
create index outlay_planting on outlay (planting_id);
create index outlay_lot on outlay (lot_id);
