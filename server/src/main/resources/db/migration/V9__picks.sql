-- Several picks may go into one lot.
alter table harvest rename to pick;
alter table pick drop constraint harvest_lot_id_key;
alter table pick
    add pieces integer check (pieces > 0),
    add containers integer not null default 1 check (containers > 0),
    add dampness varchar(10) not null default 'DRY' check (dampness in ('DRY', 'DEWY', 'WET')),
    add picked_from varchar(10) not null default 'PLANTING'
        check (picked_from in ('PLANTING', 'STRETCH', 'MARKED', 'TAGGED', 'PLANT')),
    add which varchar(120) not null default '',
    add indoors boolean not null default false,
    add picked_by varchar(60) not null default '';
create index pick_lot on pick (lot_id);
update correction set subject = 'pick' where subject = 'harvest';
