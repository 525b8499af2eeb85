-- What is left of each lot, and a state that is another whenever anything of it was written: kept by the database in the
-- transaction of every write, whoever wrote, by counting that one lot again. What was calculated of a lot holds as long as
-- its state is the same; what is here is found without adding up every lot there ever was.
create view lot_counted as
select
    l.id as lot_id,
    coalesce(
        (select s.mass_out from step s where s.lot_id = l.id and s.mass_out is not null order by s.place desc limit 1),
        (select sum(p.mass) from pick p where p.lot_id = l.id),
        (select sum(p.mass) from pour p where p.to_lot_id = l.id))
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

-- bulk: grams at the last weighing, less all that left; nothing while nothing was picked or poured into the lot.
-- clean: whether all its steps at the bench have ended; the rules tell, nothing while nobody asked them since the last step.
create table lot_kept (
    lot_id uuid primary key references lot (id) on delete cascade,
    state uuid not null,
    bulk numeric,
    packets bigint not null,
    testing boolean not null,
    clean boolean
);

insert into lot_kept select lot_id, gen_random_uuid(), bulk, packets, testing from lot_counted;

-- Few among all: what one would find in the rooms, and what is numbered and still empty.
create index lot_kept_here on lot_kept (lot_id) where bulk is null or bulk > 0 or packets > 0 or testing;

-- The lots that were written, by the query the trigger is given, and those that came of them.
create function keep_lots() returns trigger language plpgsql as $$
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
            clean = case when tg_table_name in ('step', 'step_by_product', 'pick', 'pour', 'lot_chain') then null
                else lot_kept.clean end;
    end loop;
    return null;
end $$;

-- For every table of a lot's records; a later one is watched with: select watch_lots('its_name', 'select lot_id from touched')
create function watch_lots(watched text, lots text) returns void language plpgsql as $$
begin
    execute format('create trigger lots_made after insert on %I referencing new table as touched'
        ' for each statement execute function keep_lots(%L)', watched, lots);
    execute format('create trigger lots_left after update on %I referencing old table as touched'
        ' for each statement execute function keep_lots(%L)', watched, lots);
    execute format('create trigger lots_changed after update on %I referencing new table as touched'
        ' for each statement execute function keep_lots(%L)', watched, lots);
    execute format('create trigger lots_gone after delete on %I referencing old table as touched'
        ' for each statement execute function keep_lots(%L)', watched, lots);
end $$;

select watch_lots('lot', 'select id from touched');
select watch_lots(table_name, 'select lot_id from touched') from information_schema.columns
where table_schema = current_schema() and column_name = 'lot_id'
    and table_name not in ('lot_kept', 'lot_counted', 'outlay', 'work_done');
select watch_lots(watched, 'select s.lot_id from touched t join step s on s.id = t.step_id')
from unnest(array['step_by_product', 'reading', 'setting_check']) watched;
select watch_lots('container_stay', 'select c.lot_id from touched t join container c on c.id = t.container_id');
select watch_lots('pour', 'select from_lot_id from touched union select to_lot_id from touched');
