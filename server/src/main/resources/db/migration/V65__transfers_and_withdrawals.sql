-- Seed that goes from lot to lot is transferred, seed that is taken out of one without being sold is withdrawn: said here as on
-- every page.
alter table pour rename to transfer;
alter table transfer rename column poured_on to transferred_on;
alter index pour_to rename to transfer_to;

alter table taking rename to withdrawal;
alter table withdrawal rename constraint taking_why_check to withdrawal_why_check;
alter table withdrawal rename constraint taking_sown to withdrawal_sown;
alter table withdrawal rename constraint taking_mixed to withdrawal_mixed;
alter index taking_lot rename to withdrawal_lot;
alter index taking_planting rename to withdrawal_planting;
alter index taking_mix rename to withdrawal_mix;

update correction set subject = 'transfer' where subject = 'pour';
update correction set subject = 'withdrawal' where subject = 'taking';
update correction set field = 'transferredOn' where field = 'pouredOn';

create or replace function keep_lots() returns trigger language plpgsql as $$
declare
    one uuid;
begin
    for one in execute format(
        'with recursive written (id) as (%s
            union select p.to_lot_id from transfer p join written w on w.id = p.from_lot_id)
        select id from written where id is not null order by id', tg_argv[0])
    loop
        insert into lot_kept
        select lot_id, gen_random_uuid(), bulk, packets, testing from lot_counted where lot_id = one
        on conflict (lot_id) do update
        set state = excluded.state, bulk = excluded.bulk, packets = excluded.packets, testing = excluded.testing,
            clean = case when tg_table_name in ('step', 'step_by_product', 'pick', 'transfer', 'lot_chain', 'arrival')
                then null else lot_kept.clean end;
    end loop;
    return null;
end $$;

drop trigger lots_made on mix_sale;
drop trigger lots_left on mix_sale;
drop trigger lots_changed on mix_sale;
drop trigger lots_gone on mix_sale;
select watch_lots('mix_sale', 'select t.lot_id from touched m join withdrawal t on t.mix_id = m.mix_id');
