-- What grows beyond the fence: somebody's who can be asked, wild, or what nobody tells or knows.
alter table neighbour add kind varchar(10) not null default 'TENDED'
    check (kind in ('TENDED', 'WILD', 'NOT_TOLD', 'GARDEN'));
alter table neighbour alter column crop_key drop not null;
alter table neighbour add check ((crop_key is null) = (kind in ('NOT_TOLD', 'GARDEN')));
-- The day on which a promise was seen kept.
alter table neighbour add kept_on date;
alter table neighbour add check (kept_on is null or agreed_by is not null);

-- Cages opened by turns, and flowers that are picked off before a day or from one on.
alter table planting drop constraint planting_control_check;
alter table planting add constraint planting_control_check
    check (control in ('OPEN', 'CAGED', 'BY_TURNS', 'BAGGED', 'HAND_POLLINATED'));
alter table planting add turns varchar(40) not null default '';
alter table planting add flowers_from date;
alter table planting add flowers_until date;
