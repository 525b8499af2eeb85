-- What was made by mistake and used by nothing, as it stood when it was struck out.
create table struck_out (
    id uuid primary key,
    kind varchar(10) not null check (kind in ('VARIETY', 'CUSTOMER', 'LOT')),
    record_id uuid not null,
    named varchar(120) not null,
    record text not null,
    because varchar(300) not null,
    taken_back boolean not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index on struck_out (recorded_at);
select watch_changes('struck_out');
