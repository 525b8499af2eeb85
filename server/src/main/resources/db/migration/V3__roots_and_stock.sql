-- The beds that roots grow on in the year before they seed, and planting stock.
alter table planting add root_stretches text not null default '[]';
alter table planting drop constraint planting_purpose_check;
alter table planting add constraint planting_purpose_check
    check (purpose in ('SEED', 'PLANTING_STOCK', 'EATING'));
alter table planting alter column purpose type varchar(20);
