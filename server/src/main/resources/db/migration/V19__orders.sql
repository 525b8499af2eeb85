-- Who buys and on what terms, what was ordered, promised and delivered, and days at the stall.
create table price_list (
    id uuid primary key,
    version integer not null,
    name varchar(60) not null,
    share double precision not null check (share between 0 and 200),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index price_list_name on price_list (lower(name));

alter table customer
    add kind varchar(8) not null default 'OTHER' check (kind in ('GROWER', 'SHOP', 'MARKET', 'SWAP', 'OTHER')),
    add address varchar(300) not null default '',
    add price_list_id uuid references price_list,
    add ended_on date;

alter table packing_run
    add metres integer check (metres > 0),
    add sow_by integer,
    add people integer not null default 1 check (people > 0),
    add minutes integer check (minutes >= 0);
update packing_run set sow_by = extract(year from packed_on) + 1;
alter table packing_run alter sow_by set not null;

create table order_serial (year integer primary key, last integer not null);

create table seed_order (
    id uuid primary key,
    version integer not null,
    number varchar(12) not null unique,
    customer_id uuid not null references customer,
    kind varchar(5) not null check (kind in ('SALE', 'GIFT', 'SWAP')),
    ordered_on date not null,
    wanted_on date not null,
    note varchar(300) not null,
    done_on date,
    cancelled_on date,
    cancelled_because varchar(300),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index seed_order_wanted on seed_order (wanted_on);
create index seed_order_customer on seed_order (customer_id);

create table order_line (
    id uuid primary key,
    version integer not null,
    seed_order_id uuid not null references seed_order,
    variety_id uuid not null references variety,
    seeds integer check (seeds > 0),
    packets integer check (packets > 0),
    bulk numeric(14, 3) check (bulk > 0),
    price numeric(12, 4) not null check (price >= 0),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((packets is null) <> (bulk is null))
);
create index order_line_order on order_line (seed_order_id);

create table allocation (
    id uuid primary key,
    version integer not null,
    order_line_id uuid not null references order_line,
    lot_id uuid not null references lot,
    packing_run_id uuid references packing_run,
    packets integer check (packets > 0),
    bulk numeric(14, 3) check (bulk > 0),
    sale_id uuid references sale,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((packets is null) <> (bulk is null)),
    check ((packets is null) = (packing_run_id is null))
);
create index allocation_line on allocation (order_line_id);
create index allocation_lot_open on allocation (lot_id) where sale_id is null;

alter table sale
    add kind varchar(5) not null default 'SALE' check (kind in ('SALE', 'GIFT', 'SWAP')),
    add note varchar(300) not null default '',
    add delivery integer;

create table stall_day (
    id uuid primary key,
    version integer not null,
    customer_id uuid not null references customer,
    held_on date not null,
    note varchar(300) not null,
    counted boolean not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index stall_day_held on stall_day (held_on);

create table stall_day_line (
    id uuid primary key,
    version integer not null,
    stall_day_id uuid not null references stall_day,
    lot_id uuid not null references lot,
    packing_run_id uuid not null references packing_run,
    taken integer not null check (taken > 0),
    returned integer check (returned >= 0),
    price numeric(12, 2) not null check (price >= 0),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check (returned is null or returned <= taken),
    unique (stall_day_id, packing_run_id)
);
create index stall_day_line_lot_open on stall_day_line (lot_id) where returned is null;
