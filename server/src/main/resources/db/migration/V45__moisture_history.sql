alter table pour add column moisture_low double precision;
alter table pour add column moisture_high double precision;
alter table pour add column moisture_by varchar(20);
update pour
set moisture_low = greatest(0, moisture - 1), moisture_high = least(99.9, moisture + 1), moisture_by = 'MEASURED'
where moisture is not null;

alter table step add column damp_because varchar(300) not null default '';
alter table container add column damp_because varchar(300) not null default '';

alter table step drop constraint step_missing_reason_check;
alter table step add constraint step_missing_reason_check
    check (missing_reason in
        ('NOT_WEIGHED', 'SPILT', 'BLOWN_OFF', 'LEFT_BEHIND', 'EATEN', 'MISTYPED', 'MOISTURE', 'OTHER'));
