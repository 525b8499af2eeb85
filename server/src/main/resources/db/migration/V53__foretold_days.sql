-- What somebody read of the coming days and typed; the latest stands.
create table foretold_day (
    day date primary key,
    chance numeric(4, 3) not null check (chance between 0 and 1),
    rain numeric(5, 1) not null check (rain between 0 and 500),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
select watch_changes('foretold_day');
