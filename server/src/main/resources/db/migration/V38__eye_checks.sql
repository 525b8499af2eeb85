-- How well somebody recognised off-types: hidden marks, two people over the same rows, or a second pass.
create table eye_check (
    id uuid primary key,
    version integer not null,
    checked_on date not null,
    how varchar(10) not null check (how in ('MARKS', 'TOGETHER', 'AGAIN')),
    kind varchar(120) not null,
    walker varchar(60) not null,
    other varchar(60) not null default '',
    first integer not null check (first >= 0),
    second integer not null check (second >= 0),
    both_found integer not null default 0 check (both_found >= 0 and both_found <= least(first, second)),
    note varchar(300) not null default '',
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

select watch_changes('eye_check');
