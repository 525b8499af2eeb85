-- Walks: which rows, what became of each off-type, and what was no off-type.
alter table walk
    add rows_walked varchar(2000) not null default '',
    add rows_in_all integer,
    add stressed integer not null default 0 check (stressed >= 0),
    add bolted integer not null default 0 check (bolted >= 0),
    add shedding_since date;
alter table walk_off_type
    add fate varchar(10) not null default 'PULLED' check (fate in ('PULLED', 'MARKED', 'LEFT')),
    add reason varchar(200) not null default '';

-- Seed round an off-type that shed pollen, and what was decided about it.
create table suspect_ring (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    walk_id uuid not null references walk,
    lon double precision not null,
    lat double precision not null,
    radius double precision not null check (radius >= 0),
    decision varchar(20) not null
        check (decision in ('DISCARDED', 'KEPT_APART', 'GRADED_DOWN', 'HELD', 'LET_PASS')),
    grade varchar(10) check (grade in ('OWN_USE', 'MARKET', 'STOCK')),
    reason varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index suspect_ring_planting on suspect_ring (planting_id);
create index suspect_ring_walk on suspect_ring (walk_id);
alter table lot add ring_id uuid references suspect_ring;

-- Pictures, made small and without what a camera writes into them.
create table photo (
    id uuid primary key,
    version integer not null,
    subject_id uuid not null,
    jpeg bytea not null,
    width integer not null check (width > 0),
    height integer not null check (height > 0),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index photo_subject on photo (subject_id);

-- What a true plant of the variety looks like.
alter table variety
    add leaf varchar(200) not null default '',
    add habit varchar(200) not null default '',
    add colour varchar(200) not null default '',
    add maturity varchar(200) not null default '',
    add root varchar(200) not null default '',
    add fruit varchar(200) not null default '';
