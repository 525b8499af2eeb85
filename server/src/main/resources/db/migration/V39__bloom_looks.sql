-- Looks at the bloom of a planting: not yet, in bloom, over.
create table bloom_look (
    id uuid primary key,
    version integer not null,
    planting_id uuid not null references planting,
    seen_on date not null,
    seen varchar(10) not null check (seen in ('NOT_YET', 'IN_BLOOM', 'OVER')),
    note varchar(300) not null default '',
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index bloom_look_planting on bloom_look (planting_id, seen, seen_on);
select watch_changes('bloom_look');
