-- How often backups are made, how many stay, and where else a copy is put; and what came of each, and of putting one back
-- on trial.
create table backup_plan (
    id uuid primary key,
    version integer not null,
    every_hours integer not null check (every_hours between 1 and 168),
    keep integer not null check (keep between 2 and 365),
    elsewhere varchar(200) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index on backup_plan (recorded_at);
select watch_changes('backup_plan');

create table backup_event (
    at timestamptz not null,
    what varchar(9) not null check (what in ('MADE', 'ELSEWHERE', 'TRIED')),
    good boolean not null,
    file varchar(120) not null,
    bytes bigint,
    seconds integer,
    said varchar(300) not null
);
create index backup_event_at on backup_event (at);
insert into backup_event (at, what, good, file, said) select made_at, 'MADE', true, '', '' from backup_made;
drop table backup_made;
