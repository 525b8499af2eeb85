-- Whoever is invited has no password yet. An account that was ended stays: its name stands in the records.
alter table account alter column password_hash drop not null;
alter table account add column ended_at timestamptz;
alter table account add column ended_by varchar(60);

-- What the first run made, before anybody was signed in.
update account set recorded_by = 'first run' where recorded_by = 'anonymousUser';
update farm set recorded_by = 'first run' where recorded_by = 'anonymousUser';

-- A link by which somebody chooses a password once: whoever was invited, or forgot it. Known by its digest.
create table entry_link (
    id uuid primary key,
    version integer not null,
    account_id uuid not null references account on delete cascade,
    digest bytea not null unique,
    until timestamptz not null,
    closed_at timestamptz,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create unique index entry_link_open on entry_link (account_id) where closed_at is null;
select watch_changes('entry_link');

-- Who did what on a day is asked of every kind of record.
do $$
declare kept text;
begin
    for kept in select table_name from information_schema.columns
        where table_schema = current_schema() and column_name = 'recorded_at' order by 1
    loop
        execute format('create index %I on %I (recorded_at)', kept || '_recorded_at', kept);
    end loop;
end $$;
