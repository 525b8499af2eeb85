-- What plants are scored for, each on a scale of the grower's own.
create table trait (
    id uuid primary key,
    version integer not null,
    variety_id uuid not null references variety,
    name varchar(60) not null,
    low double precision not null,
    high double precision not null,
    more_is_better boolean not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check (high > low)
);
create unique index trait_name on trait (variety_id, lower(name));

-- Rows sown from the seed of single plants, in blocks.
create table progeny_trial (
    id uuid primary key,
    version integer not null,
    variety_id uuid not null references variety,
    planting_id uuid not null references planting,
    name varchar(80) not null,
    blocks integer not null check (blocks between 1 and 12),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index progeny_trial_planting on progeny_trial (planting_id);
create index progeny_trial_variety on progeny_trial (variety_id);
create table progeny_row (
    id uuid primary key,
    version integer not null,
    trial_id uuid not null references progeny_trial,
    number integer not null check (number > 0),
    mother_id uuid,
    compared boolean not null,
    sub_lot varchar(40) not null,
    decision varchar(10) check (decision in ('KEEP', 'DROP', 'BULK')),
    reason varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    unique (trial_id, number)
);
create table progeny_plot (
    id uuid primary key,
    row_id uuid not null references progeny_row,
    block integer not null check (block > 0),
    unique (row_id, block)
);

-- Best plants or fruits, by the tag that keeps them out of the kitchen.
create table candidate (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    from_row_id uuid references progeny_row,
    kind varchar(10) not null check (kind in ('PLANT', 'FRUIT')),
    tag varchar(20) not null,
    marked_on date not null,
    chosen boolean,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index candidate_tag on candidate (planting_id, lower(tag));
alter table progeny_row add foreign key (mother_id) references candidate;

-- One person's scores for one trait on one day.
create table score_visit (
    id uuid primary key,
    version integer not null,
    trait_id uuid not null references trait,
    of_id uuid not null,
    scored_on date not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index score_visit_of on score_visit (of_id);
create table score_visit_mark (
    visit_id uuid not null references score_visit,
    place integer not null,
    subject_id uuid not null,
    value double precision not null,
    primary key (visit_id, place)
);
