-- With what and how long seed was washed in a cleaner. A batch of it may be used more than once.
create table wash (
    id uuid primary key,
    version integer not null,
    step_id uuid not null unique references step (id) on delete cascade,
    product varchar(80) not null,
    dose varchar(60) not null,
    minutes integer not null check (minutes between 1 and 240),
    batch varchar(40) not null,
    rinses integer check (rinses between 0 and 50),
    disposal varchar(200) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index wash_batch on wash (lower(batch)) where batch <> '';
select watch_lots('wash', 'select s.lot_id from touched t join step s on s.id = t.step_id');
select watch_changes('wash');
