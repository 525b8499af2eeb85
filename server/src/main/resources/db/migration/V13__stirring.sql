-- A ferment stirred, and rounds of rinsing.
alter table reading drop constraint reading_quantity_check;
alter table reading add constraint reading_quantity_check
    check (quantity in ('MASS', 'MASH', 'AIR', 'HUMIDITY', 'STIRRED'));
alter table step add rounds integer check (rounds > 0);
