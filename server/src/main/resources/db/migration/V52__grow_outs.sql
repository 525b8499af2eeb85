-- A sample that was grown out shows what the seed is; a lot too small for replicates is counted and weighed whole.
create table grow_out_test (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null references lot,
    sown_on date not null,
    examined_on date not null check (examined_on > sown_on),
    plants integer not null check (plants between 10 and 100000),
    off_types integer not null check (off_types between 0 and plants),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index grow_out_test_lot on grow_out_test (lot_id, examined_on);
select watch_changes('grow_out_test');
select watch_lots('grow_out_test', 'select lot_id from touched');

alter table seed_weight_test add counted integer check (counted between 5 and 5000);

-- What was overruled before says nothing of how else it could be settled now.
update overruling set finding = ('{"growOut": 0}'::jsonb || finding::jsonb)::text
where reason in ('NOT_WALKED', 'OFF_TYPES_NOT_SHOWN');
update overruling set finding = ('{"all": false}'::jsonb || finding::jsonb)::text where reason = 'SEED_WEIGHT_UNKNOWN';
update overruling set finding = ('{"sample": 400}'::jsonb || finding::jsonb)::text
where reason = 'UNTESTED' or finding::jsonb ->> 'kind' = 'TooFewTested';
