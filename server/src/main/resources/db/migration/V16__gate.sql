-- What a grower overruled at the gate; kept for ever, also when it was withdrawn or something new was found.
create table overruling (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    reason varchar(30) not null,
    finding varchar(300) not null,
    why varchar(500) not null,
    withdrawn_at timestamptz,
    withdrawn_by varchar(60),
    withdrawn_why varchar(500),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index overruling_lot on overruling (lot_id);
