-- A sale that never was is corrected to nothing; that it was written down stays.
alter table sale drop constraint sale_packets_check, drop constraint sale_bulk_check;
alter table sale add check (packets >= 0), add check (bulk >= 0);
