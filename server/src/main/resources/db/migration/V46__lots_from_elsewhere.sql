-- Seed from before the records and from elsewhere is a lot that was picked from no planting.
alter table lot alter column planting_id drop not null;
alter table lot drop constraint lot_origin_check;
alter table lot add constraint lot_origin_check check (origin in ('PICKED', 'BLEND', 'PART', 'ELSEWHERE'));
-- The number it had before it came here, or had before there were these numbers.
alter table lot add column old_number varchar(60) not null default '';
create index lot_old_number on lot (lower(old_number)) where old_number <> '';

create table arrival (
    id uuid primary key,
    version integer not null,
    lot_id uuid not null unique references lot (id) on delete cascade,
    way varchar(10) not null check (way in ('BEFORE', 'BOUGHT', 'SWAPPED', 'GIVEN')),
    came_on date not null,
    mass numeric not null check (mass > 0),
    from_whom varchar(120) not null,
    grown_in integer not null,
    plants integer check (plants > 0),
    treatment varchar(120) not null,
    their_germination integer check (their_germination between 0 and 100),
    their_test_on date,
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);

create or replace view lot_counted as
select
    l.id as lot_id,
    coalesce(
        (select s.mass_out from step s where s.lot_id = l.id and s.mass_out is not null order by s.place desc limit 1),
        (select sum(p.mass) from pick p where p.lot_id = l.id),
        (select sum(p.mass) from pour p where p.to_lot_id = l.id),
        (select a.mass from arrival a where a.lot_id = l.id))
    - coalesce((select sum(p.mass) from pour p where p.from_lot_id = l.id), 0)
    - coalesce((select sum(r.bulk_before - r.bulk_after) from packing_run r where r.lot_id = l.id), 0)
    - coalesce((select sum(s.bulk) from sale s where s.lot_id = l.id), 0)
    - coalesce((select sum(t.mass) from taking t where t.lot_id = l.id), 0) as bulk,
    coalesce((select sum(r.packets) from packing_run r where r.lot_id = l.id), 0)
    - coalesce((select sum(s.packets) from sale s where s.lot_id = l.id), 0)
    - coalesce((select sum(t.packets) from taking t where t.lot_id = l.id), 0) as packets,
    exists (
        select from germination_test g
        where g.lot_id = l.id and g.counted_on is null and g.spoilt is null) as testing
from lot l;

create or replace function keep_lots() returns trigger language plpgsql as $$
declare
    one uuid;
begin
    for one in execute format(
        'with recursive written (id) as (%s union select p.to_lot_id from pour p join written w on w.id = p.from_lot_id)
        select id from written where id is not null order by id', tg_argv[0])
    loop
        insert into lot_kept
        select lot_id, gen_random_uuid(), bulk, packets, testing from lot_counted where lot_id = one
        on conflict (lot_id) do update
        set state = excluded.state, bulk = excluded.bulk, packets = excluded.packets, testing = excluded.testing,
            clean = case when tg_table_name in ('step', 'step_by_product', 'pick', 'pour', 'lot_chain', 'arrival')
                then null else lot_kept.clean end;
    end loop;
    return null;
end $$;
select watch_lots('arrival', 'select lot_id from touched');
select watch_changes('arrival');
