-- What plantings were sown with: seed of the farm's lots, or seed from elsewhere; and who was told of a recall.
alter table taking
    add planting_id uuid references planting,
    add constraint taking_sown check (planting_id is null or why = 'SOWN');
create index taking_planting on taking (planting_id) where planting_id is not null;

create table seed_from_elsewhere (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    sown_on date not null,
    supplier varchar(120) not null,
    their_number varchar(60) not null,
    grown_in integer check (grown_in between 1900 and 2099),
    treatment varchar(120) not null,
    mass numeric(14, 3) check (mass > 0),
    note varchar(300) not null,
    never_sown boolean not null default false,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index seed_from_elsewhere_planting on seed_from_elsewhere (planting_id);
select watch_changes('seed_from_elsewhere');

create table told (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    customer_id uuid not null references customer,
    told_on date not null,
    how varchar(60) not null,
    undone boolean not null default false,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index told_lot on told (lot_id, customer_id);
create index told_customer on told (customer_id);
select watch_changes('told');
