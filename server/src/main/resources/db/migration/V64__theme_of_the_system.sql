-- The theme follows the system until somebody chooses one. Daylight was what nobody had chosen.
do $$
declare
    rule text;
begin
    select conname into rule from pg_constraint
        where conrelid = 'account'::regclass and contype = 'c' and pg_get_constraintdef(oid) like '%LAMP%';
    execute format('alter table account drop constraint %I', rule);
end $$;
alter table account add constraint account_theme check (theme in ('SYSTEM', 'DAYLIGHT', 'LAMP'));
update account set theme = 'SYSTEM' where theme = 'DAYLIGHT';
