-- A germination test begins when it is set and may be counted twice; the other tests of a lot's seed.
alter table germination_test alter counted_on drop not null;
alter table germination_test alter counts drop not null;
alter table germination_test
    add replicates integer not null default 4,
    add method varchar(10) not null default 'PAPER' check (method in ('PAPER', 'SAND', 'SOIL', 'HOME')),
    add treatment varchar(200) not null default '',
    add first_due date,
    add final_due date,
    add first_on date,
    add first_counts integer[],
    add hard integer[],
    add fresh integer[],
    add abnormal integer[],
    add dead integer[],
    add note varchar(300) not null default '',
    add spoilt varchar(300),
    add check ((counted_on is null) = (counts is null)),
    add check ((first_on is null) = (first_counts is null)),
    add check (spoilt is null or counted_on is null);
update germination_test set replicates = cardinality(counts), first_due = set_on, final_due = counted_on;
alter table germination_test alter first_due set not null;
alter table germination_test alter final_due set not null;
alter table seed_weight_test add note varchar(300) not null default '';

create table purity_test (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    tested_on date not null,
    initial numeric(12, 4) not null check (initial > 0),
    pure numeric(12, 4) not null check (pure >= 0),
    other numeric(12, 4) not null check (other >= 0),
    weed numeric(12, 4) not null check (weed >= 0),
    inert numeric(12, 4) not null check (inert >= 0),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index purity_test_lot on purity_test (lot_id, tested_on);

create table moisture_test (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    measured_on date not null,
    empty float8[] not null,
    before float8[] not null,
    after float8[] not null,
    readings float8[] not null,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((cardinality(readings) > 0) <> (cardinality(before) > 0))
);
create index moisture_test_lot on moisture_test (lot_id, measured_on);

create table cut_test (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    cut_on date not null,
    sound integer not null check (sound >= 0),
    empty integer not null check (empty >= 0),
    eaten integer not null check (eaten >= 0),
    shrunken integer not null check (shrunken >= 0),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index cut_test_lot on cut_test (lot_id, cut_on);
