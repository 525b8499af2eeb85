-- Where the usual year comes from, on which day a week begins, how newcomers read, and what stands on papers as a picture.
alter table farm add column climate_from varchar(10) not null default 'TYPED' check (climate_from in ('TYPED', 'OWN_DAYS'));
alter table farm add column week_begins varchar(9) not null default 'MONDAY'
    check (week_begins in ('MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'));
alter table farm add column locale varchar(10) not null default 'en-GB';
alter table letterhead add column logo uuid;
