-- Lots may come of other lots: poured together, or parted.
alter table lot add origin varchar(10) not null default 'PICKED' check (origin in ('PICKED', 'BLEND', 'PART'));

create table pour (
    id uuid primary key,
    version integer not null,
    from_lot_id uuid not null references lot,
    to_lot_id uuid not null references lot,
    poured_on date not null,
    mass numeric(14, 3) not null check (mass > 0),
    moisture double precision check (moisture >= 0 and moisture < 100),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check (from_lot_id <> to_lot_id),
    unique (from_lot_id, to_lot_id)
);
create index pour_to on pour (to_lot_id);
